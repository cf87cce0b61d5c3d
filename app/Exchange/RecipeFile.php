<?php

declare(strict_types=1);

namespace Pausis\App\Exchange;

use Pausis\Core\Problem\Problems;

/** Turns what a cook pastes or opens (text, Markdown, JSON-LD, a saved page) into the plain text that the reader reads. */
final readonly class RecipeFile
{
    public const MOST_BYTES = 3_000_000;
    private const MOST_DEPTH = 64;

    public function __construct(private JsonLdRecipe $jsonLd, private HtmlPage $html)
    {
    }

    /** Null with the problem collected where the file can't be taken apart. */
    public function text(string $content, string $name, Problems $problems, string $path): ?string
    {
        $start = ltrim(substr($content, 0, 500), "\u{feff} \t\r\n");
        if (str_ends_with(strtolower($name), '.json') || ('' === $name && preg_match('/^[\[{]\s*["{]/', $start))) {
            return $this->fromJson($content, $problems, $path);
        }
        if (preg_match('/\.(?:html?|xhtml|mhtml?)$/i', $name) || preg_match(
            '/^<(?:!doctype|html|head|body|script|div|article|main|meta)\b/i', $start,
        )) {
            return $this->fromHtml($content, $problems, $path);
        }

        return $content;
    }

    private function fromJson(string $content, Problems $problems, string $path): ?string
    {
        try {
            $data = json_decode(ltrim($content, "\u{feff}"), true, self::MOST_DEPTH, \JSON_THROW_ON_ERROR | \JSON_INVALID_UTF8_SUBSTITUTE);
        } catch (\JsonException $error) {
            $problems->add('json-not-understood', $path, ['reason' => $error->getMessage()]);

            return null;
        }
        $text = $this->jsonLd->text($data);
        if (null === $text) {
            $problems->add('json-without-recipe', $path);
        }

        return $text;
    }

    private function fromHtml(string $content, Problems $problems, string $path): ?string
    {
        foreach ($this->html->linkedData($content) as $script) {
            $text = $this->jsonLd->text(json_decode($script, true, self::MOST_DEPTH, \JSON_INVALID_UTF8_SUBSTITUTE));
            if (null !== $text) {
                return $this->withOtherWays($text, $content);
            }
        }
        if (!$this->html->isOfBearableSize($content)) {
            $problems->add('page-too-large', $path);

            return null;
        }
        $microdata = $this->html->microdata($content);
        if (null !== $microdata) {
            $text = $this->jsonLd->text($microdata);

            return null === $text ? null : $this->withOtherWays($text, $content);
        }
        $text = $this->html->visibleText($content);
        if ('' === trim($text)) {
            $problems->add('page-without-text', $path);

            return null;
        }

        return $text;
    }

    private function withOtherWays(string $text, string $page): string
    {
        $ways = $this->html->otherWays($page, $text);

        return [] === $ways ? $text : "$text\n## Notes\n\n- ".implode("\n- ", $ways)."\n";
    }
}
