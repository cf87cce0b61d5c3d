<?php

declare(strict_types=1);

namespace Pausis\App\Exchange;

/** A saved page. Nothing in it is run or fetched. */
final readonly class HtmlPage
{
    private const BLOCKS = [
        'p', 'div', 'li', 'ul', 'ol', 'h1', 'h2', 'h3', 'h4', 'h5', 'h6', 'tr', 'section', 'article', 'header', 'main', 'blockquote', 'dt',
        'dd', 'table', 'pre', 'label',
    ];
    private const NEVER_SHOWN = [
        'title', 'script', 'style', 'noscript', 'template', 'svg', 'nav', 'footer', 'aside', 'iframe', 'form', 'button', 'select', 'head',
        'object', 'video', 'audio', 'canvas',
    ];
    /** A block of the page that tells of another way of cooking, and not what somebody did. */
    private const OTHER_WAY = '/^(?=.*\b(?:slow|pressure)[- ]cook(?:er|ing)\b)(?=.*\d\s*(?:hours?|hrs?|h|minutes?|mins?)\b)'
        .'(?!.*\b(?:mine|I (?:did|made|used|cooked|had|tried|left|put|halved|doubled))\b).{20,700}$/iu';
    private const MOST_SCRIPTS = 50;
    private const MOST_TAG_BYTES = 2_000;
    private const MOST_TAGS = 40_000;
    /** A text beyond this is more than the reader takes. */
    private const MOST_TEXT_BYTES = 400_000;

    /** @return list<string> the JSON-LD blocks in the page, found without taking it apart: in linear time */
    public function linkedData(string $html): array
    {
        $found = [];
        for ($at = stripos($html, '<script'); false !== $at && \count($found) < self::MOST_SCRIPTS; $at = stripos($html, '<script', $end)) {
            $opens = strpos($html, '>', $at);
            $end = false === $opens ? false : stripos($html, '</script', $opens);
            if (false === $opens || false === $end) {
                break;
            }
            if ($opens - $at < self::MOST_TAG_BYTES && false !== stripos(substr($html, $at, $opens - $at), 'application/ld+json')) {
                $script = $this->inUtf8(substr($html, $opens + 1, $end - $opens - 1));
                $found[] = trim((string) preg_replace(
                    '/^\s*(?:<!--|\/\*\s*<!\[CDATA\[\s*\*\/|<!\[CDATA\[)|(?:-->|\/\*\s*\]\]>\s*\*\/|\]\]>)\s*$/', '', $script,
                ));
            }
        }

        return $found;
    }

    /**
     * The recipe that a page's microdata (schema.org Recipe in itemprop attributes) names, as JSON-LD would have it; null where it has
     * no ingredients.
     *
     * @return array<string, mixed>|null
     */
    public function microdata(string $html): ?array
    {
        if (!preg_match('/itemprop\s*=\s*["\']?(?:recipeIngredient|ingredients)\b/i', $html)) {
            return null;
        }
        $found = [];
        $nodes = (new \DOMXPath($this->parsed($this->bare($this->inUtf8($html)))))->query('//*[@itemprop]');
        foreach (false === $nodes ? [] : $nodes as $node) {
            \assert($node instanceof \DOMElement);
            $value = $node->getAttribute('content');
            $row = 'td' === $node->nodeName && null !== $node->parentNode ? $node->parentNode : $node;
            $text = '' === $value ? trim($this->textOf($row), "# \n") : $value;
            foreach (explode(' ', $node->getAttribute('itemprop')) as $name) {
                '' === $text || $found[$name][] = $text;
            }
        }
        $one = static fn (string $name): string => $found[$name][0] ?? '';
        $steps = array_merge(...array_map(
            static fn (string $t): array => preg_split('/\n+/', $t) ?: [], $found['recipeInstructions'] ?? [],
        ));

        return [
            '@type' => 'Recipe', 'name' => $one('name'), 'recipeYield' => $one('recipeYield'), 'cookTime' => $one('cookTime'),
            'prepTime' => $one('prepTime'),
            'recipeIngredient' => $found['recipeIngredient'] ?? $found['ingredients'] ?? [], 'recipeInstructions' => array_map(
                static fn (string $t): array => ['text' => $t], $steps,
            )];
    }

    /** Whether it has no more tags than can be taken apart in a second or two. */
    public function isOfBearableSize(string $html): bool
    {
        return substr_count($this->bare($html), '<') <= self::MOST_TAGS;
    }

    /** What a reader of the page sees from its main heading on, a line for each block and a space between cells. */
    public function visibleText(string $html): string
    {
        $body = $this->parsed($this->bare($this->inUtf8($html)))->getElementsByTagName('body')->item(0);
        $text = $this->textOf($body);
        $main = strpos("\n$text", "\n# ");

        return false === $main ? $text : substr($text, $main);
    }

    /**
     * What a page tells beside its marked recipe of cooking it in another pot.
     *
     * @return list<string> blocks of text, each once
     */
    public function otherWays(string $html, string $recipe): array
    {
        $lines = $this->isOfBearableSize($html) ? explode("\n", $this->visibleText($html)) : [];

        return array_values(array_unique(array_filter(
            $lines,
            static fn (string $line): bool => 1 === preg_match(self::OTHER_WAY, $line) && !str_contains($recipe, mb_substr($line, 0, 40)),
        )));
    }

    private function textOf(?\DOMNode $body): string
    {
        $text = '';
        $node = $body;
        while (null !== $node && \strlen($text) < self::MOST_TEXT_BYTES) {
            $hidden = \in_array($node->nodeName, self::NEVER_SHOWN, true);
            $text .= $node instanceof \DOMText ? (string) preg_replace('/\s+/u', ' ', $node->data) : self::gap($node);
            if (!$hidden && null !== $node->firstChild) {
                $node = $node->firstChild;
                continue;
            }
            while (null !== $node && $node !== $body && null === $node->nextSibling) {
                $node = $node->parentNode;
                $text .= null === $node ? '' : self::behind($node);
            }
            $text .= null === $node || $node === $body || $node instanceof \DOMText ? '' : self::behind($node);
            $node = $node === $body ? null : $node?->nextSibling;
        }

        return trim((string) preg_replace(
            ['/[ \t]+/', '/ *\n */', '/\n{3,}/', '/^(#{1,6})\n+(?!#)/m', '/^#{1,6}\n/m'], [' ', "\n", "\n\n", '$1 ', ''], $text,
        ));
    }

    /** What stands after an element. */
    private static function behind(\DOMNode $node): string
    {
        return str_starts_with($gap = self::gap($node), "\n") ? "\n" : $gap;
    }

    /** What stands before an element. */
    private static function gap(\DOMNode $node): string
    {
        return match (true) {
            1 === preg_match('/^h[1-6]$/', $node->nodeName) => "\n".str_repeat('#', (int) $node->nodeName[1]).' ',
            'br' === $node->nodeName, \in_array($node->nodeName, self::BLOCKS, true) => "\n",
            'td' === $node->nodeName, 'th' === $node->nodeName => ' ',
            default => '',
        };
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

    /** Without scripts, styles, comments and attributes: none of them is seen, and a parser may need long for them. */
    private function bare(string $html): string
    {
        $bare = '';
        $at = 0;
        while (preg_match('/<(?:(script|style|svg|noscript|template)\b|!--)/i', $html, $m, \PREG_OFFSET_CAPTURE, $at)) {
            $bare .= substr($html, $at, $m[0][1] - $at);
            $closing = isset($m[1]) ? '</'.$m[1][0] : '-->';
            $end = stripos($html, $closing, $m[0][1]);
            $past = false === $end ? false : strpos($html, '>', $end);
            $at = false === $past ? \strlen($html) : $past + 1;
        }

        return (string) preg_replace_callback('/<(\/?[a-z][a-z0-9:-]*+)([^<>]*+)>/i', static function (array $m): string {
            $kept = preg_match_all(
                '/\b(?:itemprop|content)\s*=\s*(?:"[^"]{0,300}"|\'[^\']{0,300}\'|[\w:.-]{1,60})/i', substr($m[2], 0, self::MOST_TAG_BYTES),
                $all,
            )
                ? ' '.implode(' ', \array_slice($all[0], 0, 2))
                : '';

            return "<$m[1]$kept>";
        }, $bare.substr($html, $at));
    }

    private function inUtf8(string $html): string
    {
        if (mb_check_encoding($html, 'UTF-8')) {
            return $html;
        }
        $charset = preg_match('/charset=["\']?([\w-]+)/i', substr($html, 0, 2000), $m) && \in_array(
            strtoupper($m[1]), array_map('strtoupper', mb_list_encodings()), true,
        )
            ? $m[1]
            : 'Windows-1252';

        return (string) mb_convert_encoding($html, 'UTF-8', $charset);
    }

    /** The parser takes bytes for Latin-1 unless it is told otherwise; entities it can't mistake. */
    private function inEntities(string $html): string
    {
        return '' === trim($html) ? '<p></p>' : mb_encode_numericentity($html, [0x80, 0x10FFFF, 0, 0x1FFFFF], 'UTF-8');
    }
}
