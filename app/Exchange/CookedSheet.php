<?php

declare(strict_types=1);

namespace Pausis\App\Exchange;

use Pausis\App\Api\Wire\CookedLaneView;
use Pausis\App\Api\Wire\CookedPageView;
use Pausis\App\Api\Wire\TickView;
use Twig\Environment;

/** A cook's page on paper: planned beside happened, on one clock and in a table, what was recorded and said, and room to write. */
final readonly class CookedSheet
{
    private const WIDTH = 180.0;

    public function __construct(private Environment $twig, private Paper $paper)
    {
    }

    /** @return string a PDF */
    public function write(CookedPageView $page, string $paper): string
    {
        $by = array_values(array_filter($page->people, static fn ($p): bool => $p->value === $page->cookedBy))[0]->label ?? '';

        return $this->paper->of($this->twig->render('sheet/cooked.html.twig', [
            'page' => $page,
            'by' => $by,
            'picture' => 'data:image/svg+xml;base64,'.base64_encode(self::clock($page->cook->lane, $page->ticks)),
        ]), $paper);
    }

    /**
     * The window as a bar, the looks between which it became ready and when it was eaten as marks under it.
     *
     * @param list<TickView> $ticks
     */
    private static function clock(CookedLaneView $lane, array $ticks): string
    {
        $until = max($lane->until, 0.1);
        $x = static fn (float $hour): float => self::WIDTH * max(0.0, min(1.0, $hour / $until));
        $drawn = '';
        foreach ($ticks as $tick) {
            $drawn .= \sprintf(
                '<line x1="%.2f" x2="%1$.2f" y1="0" y2="14" stroke="#bccad6" stroke-width="0.2"/>'
                    .'<text x="%.2f" y="18" font-size="3" font-family="DejaVu Sans" text-anchor="middle">%s</text>',
                $x($tick->at), max(4.0, min(self::WIDTH - 4, $x($tick->at))), htmlspecialchars($tick->text),
            );
        }
        if (null !== $lane->earliest) {
            $from = $x($lane->earliest);
            $drawn .= \sprintf(
                '<rect x="%.2f" y="2" width="%.2f" height="4" fill="#d98f3f"/>', $from, max(0.5, $x($lane->latest ?? $until) - $from),
            );
        }
        if (null !== $lane->after || null !== $lane->by) {
            $from = $x($lane->after ?? 0.0);
            $drawn .= \sprintf(
                '<rect x="%.2f" y="8" width="%.2f" height="3" fill="#183a6b"/>', $from, max(0.8, $x($lane->by ?? $until) - $from),
            );
        }
        if (null !== $lane->eaten) {
            $drawn .= \sprintf('<line x1="%.2f" x2="%1$.2f" y1="1" y2="13" stroke="#a3161c" stroke-width="0.8"/>', $x($lane->eaten));
        }

        return \sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %.0f 19" width="%1$.0f" height="19">%s</svg>', self::WIDTH, $drawn,
        );
    }
}
