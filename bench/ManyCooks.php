<?php

declare(strict_types=1);

namespace Pausis\Bench;

use Pausis\App\Kernel;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Uid\Uuid;

/** A house's file with as many cooks as are asked for, of those that it has. */
final readonly class ManyCooks
{
    /** @param array<string, mixed> $house */
    private function __construct(private array $house)
    {
    }

    public static function of(Kernel $kernel): self
    {
        /** @var array<string, mixed> $house */
        $house = json_decode(self::out($kernel), true, 64, \JSON_THROW_ON_ERROR);

        return new self($house);
    }

    /** Everything that the house has, written as it is sent. */
    public static function out(Kernel $kernel): string
    {
        $response = $kernel->handle(Request::create('/api/everything.json'));
        ob_start();
        $response->sendContent();

        return (string) ob_get_clean();
    }

    /** @return string as JSON, each cook with an identity of its own */
    public function times(int $count): string
    {
        /** @var array<string, array{cookId: string}> $pages */
        $pages = array_column((array) $this->house['pages'], null, 'cookId');
        /** @var list<array{id: string}> $all */
        $all = $this->house['cooks'];
        $cooks = array_values(array_filter($all, static fn (array $c): bool => isset($pages[$c['id']])));
        $more = ['cooks' => [], 'pages' => []];
        for ($k = 0; $k < $count; ++$k) {
            $cook = $cooks[$k % \count($cooks)];
            $id = Uuid::v7()->toRfc4122();
            $more['cooks'][] = [...$cook, 'id' => $id];
            $more['pages'][] = [...$pages[$cook['id']], 'id' => Uuid::v7()->toRfc4122(), 'cookId' => $id];
        }

        return json_encode([...$this->house, ...$more], \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION);
    }

    public static function in(Kernel $kernel, string $file): void
    {
        $response = $kernel->handle(Request::create(
            '/api/everything?how=beside', 'POST', server: ['CONTENT_TYPE' => 'application/json'], content: $file,
        ));
        if (200 !== $response->getStatusCode()) {
            throw new \RuntimeException((string) $response->getContent());
        }
    }
}
