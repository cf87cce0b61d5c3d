<?php

declare(strict_types=1);

namespace Pausis\App\Exchange;

use Symfony\Component\HtmlSanitizer\HtmlSanitizer;
use Symfony\Component\HtmlSanitizer\HtmlSanitizerConfig;

/** A saved page. Nothing in it is run or fetched. */
final readonly class HtmlPage
{
    private const BLOCKS = ['p', 'div', 'li', 'ul', 'ol', 'h1', 'h2', 'h3', 'h4', 'h5', 'h6', 'tr', 'section', 'article', 'header', 'main', 'blockquote', 'dt', 'dd', 'table', 'pre', 'label'];
    private const NEVER_SHOWN = ['script', 'style', 'noscript', 'template', 'svg', 'nav', 'footer', 'aside', 'iframe', 'form', 'button', 'select', 'head', 'object', 'video', 'audio', 'canvas'];
    private const MOST_SCRIPTS = 50;
    /** Sanitised text beyond this holds no recipe that the reader could take. */
    private const MOST_SANITISED_BYTES = 400_000;

    /** @return list<string> the JSON-LD blocks in the page */
    public function linkedData(string $html): array
    {
        $found = [];
        foreach ($this->parsed($html)->getElementsByTagName('script') as $script) {
            if (str_starts_with(strtolower(trim($script->getAttribute('type'))), 'application/ld+json') && \count($found) < self::MOST_SCRIPTS) {
                $found[] = trim((string) preg_replace('/^\s*(?:<!--|\/\*\s*<!\[CDATA\[\s*\*\/|<!\[CDATA\[)|(?:-->|\/\*\s*\]\]>\s*\*\/|\]\]>)\s*$/', '', $script->textContent));
            }
        }

        return $found;
    }

    /** What a reader of the page sees, a line for each block. */
    public function visibleText(string $html): string
    {
        $document = $this->parsed($html);
        foreach (self::NEVER_SHOWN as $tag) {
            foreach (iterator_to_array($document->getElementsByTagName($tag)) as $element) {
                $element->parentNode?->removeChild($element);
            }
        }
        $config = (new HtmlSanitizerConfig())->withMaxInputLength(self::MOST_SANITISED_BYTES)->allowElement('br');
        foreach (self::BLOCKS as $tag) {
            $config = $config->allowElement($tag);
        }
        foreach (['span', 'b', 'strong', 'i', 'em', 'a', 'td', 'th', 'sup', 'sub', 'small', 'font', 'u', 'mark', 'time', 'tbody', 'thead', 'figure', 'figcaption', 'center', 'abbr'] as $tag) {
            $config = $config->blockElement($tag);
        }
        $clean = (new HtmlSanitizer($config))->sanitizeFor('body', mb_strcut($this->body($document), 0, self::MOST_SANITISED_BYTES, 'UTF-8'));
        $lines = (string) preg_replace(['/\s+/u', '/<br\s*\/?>|<\/?(?:'.implode('|', self::BLOCKS).')\b[^>]*>/i'], [' ', "\n"], $clean);
        $text = html_entity_decode(strip_tags($lines), \ENT_QUOTES | \ENT_HTML5, 'UTF-8');

        return trim((string) preg_replace(['/[ \t]+/', '/ *\n */', '/\n{3,}/'], [' ', "\n", "\n\n"], $text));
    }

    private function body(\DOMDocument $document): string
    {
        $html = '';
        foreach ($document->getElementsByTagName('body')->item(0)->childNodes ?? [] as $child) {
            $html .= $document->saveHTML($child);
        }

        return $html;
    }

    private function parsed(string $html): \DOMDocument
    {
        $document = new \DOMDocument();
        $before = libxml_use_internal_errors(true);
        $document->loadHTML($this->inEntities($html), \LIBXML_NONET | \LIBXML_NOWARNING | \LIBXML_NOERROR | \LIBXML_COMPACT);
        libxml_clear_errors();
        libxml_use_internal_errors($before);

        return $document;
    }

    /** The parser takes bytes for Latin-1 unless it is told otherwise; entities it can't mistake. */
    private function inEntities(string $html): string
    {
        if (!mb_check_encoding($html, 'UTF-8')) {
            $charset = preg_match('/charset=["\']?([\w-]+)/i', substr($html, 0, 2000), $m) && \in_array(strtoupper($m[1]), array_map('strtoupper', mb_list_encodings()), true) ? $m[1] : 'Windows-1252';
            $html = (string) mb_convert_encoding($html, 'UTF-8', $charset);
        }

        return '' === trim($html) ? '<p></p>' : mb_encode_numericentity($html, [0x80, 0x10FFFF, 0, 0x1FFFFF], 'UTF-8');
    }
}
