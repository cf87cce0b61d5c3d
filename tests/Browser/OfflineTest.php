<?php

declare(strict_types=1);

namespace Pausis\Tests\Browser;

/** The kitchen's server is away, as it is when a cable is pulled: the device at the stove goes on, and tells it later. */
final class OfflineTest extends BrowserTestCase
{
    protected const NOW = '2026-11-25T18:40:00+01:00';

    public function testFromTheFirstJobOnWithTheServerGoneTwice(): void
    {
        self::at('2026-11-26T07:40:00+01:00');
        $this->resize(390, 844);
        $this->open('/');
        $this->see('Bring a recipe');
        $this->untilPlacesAreKept();
        $braise = $this->openBraise('hanks', 'stove');
        $first = $this->textOf('next-text');

        self::stopServer();
        $this->press('Done');
        $this->see('1 kept here');
        self::waitFor(fn (): bool => $first !== $this->textOf('next-text'), self::WAIT_SECONDS, 'the next act');
        self::$driver->navigate()->refresh();
        $this->see('1 kept here');
        self::assertNotSame($first, $this->textOf('next-text'), 'what was done here is done over a reload');
        $this->press('Switched on now, on Low');
        $this->see('Switched on at');
        $this->open('/');
        $this->see('Not reached: shown as of 07:40');
        foreach (['recipe', 'day', 'stove'] as $place) {
            $this->open("/braises/$braise/$place");
            $this->find("//*[@data-testid='verdict']", false);
        }
        $this->see('Switched on at');
        self::assertSame(200, self::$driver->executeAsyncScript(
            'const [id, done] = arguments; fetch(`/api/braises/${id}/sheet.pdf`).then((r) => done(r.status), () => done(0));', [$braise],
        ), 'the kitchen sheet is at hand');

        self::serve();
        $this->see('On since 07:40');
        $this->untilKept('cooks');
        $next = $this->textOf('next-text');

        self::stopServer();
        self::$driver->navigate()->refresh();
        $this->see('Shown as of');
        self::assertSame($next, $this->textOf('next-text'));
        $this->press('Something else');
        $this->press('done: ');
        $this->press('Back to the stove');
        $this->see('1 kept here');
        self::$driver->navigate()->refresh();
        $this->see('1 kept here');

        self::serve();
        $this->dontSee('kept here');
        self::$driver->manage()->getLog('browser');
        $this->see('Dinner at 19:00, as planned.');
        $this->assertSound();
    }

    /** Until the worker has laid every place by, and the page is its. */
    private function untilPlacesAreKept(): void
    {
        self::waitFor(static fn (): bool => true === self::$driver->executeAsyncScript(
            'const done = arguments[0]; navigator.serviceWorker.getRegistration().then((r) => done(r?.active?.state === "activated" &&'
                .' navigator.serviceWorker.controller !== null && caches.open("sheets").then((c) => c.keys())'
                .'.then((keys) => keys.length > 0)));',
        ), self::WAIT_SECONDS, 'the worker');
    }

    /** Until an answer of the server has been laid by on this device. */
    private function untilKept(string $what): void
    {
        self::waitFor(static fn (): bool => true === self::$driver->executeAsyncScript(
            'const [what, done] = arguments; const open = indexedDB.open("keyval-store"); open.onsuccess = () => {'
                .' const keys = open.result.transaction("keyval").objectStore("keyval").getAllKeys();'
                .' keys.onsuccess = () => { open.result.close(); done(keys.result.some((key) => key.includes(what))); }; };',
            [$what],
        ), self::WAIT_SECONDS, "$what, kept");
    }
}
