<?php

declare(strict_types=1);

namespace Pausis\App\Store;

use Doctrine\ORM\Mapping as ORM;

/** The one house this installation cooks in. */
#[ORM\Entity]
#[ORM\Table(name: 'house')]
class HouseRecord
{
    public const ONLY = 1;

    #[ORM\Id]
    #[ORM\Column]
    public int $id = self::ONLY;

    /** Counts up with every change; 0 while nothing has been set. */
    #[ORM\Column(options: ['default' => 0])]
    public int $revision = 0;

    #[ORM\Column]
    public float $altitudeMetres = 0.0;

    #[ORM\Column]
    public float $roomCelsius = 20.0;

    #[ORM\Column]
    public string $timeZone = 'Europe/Vienna';

    /** metric or us */
    #[ORM\Column(length: 8)]
    public string $units = 'metric';

    /** 24 or 12 */
    #[ORM\Column(length: 2)]
    public string $clock = '24';

    /** HH:MM */
    #[ORM\Column(length: 5)]
    public string $bedtime = '22:45';

    #[ORM\Column(length: 5)]
    public string $rises = '06:15';

    /** What new braises begin with. */
    #[ORM\Column(length: 20, options: ['default' => 'fork'])]
    public string $texture = 'fork';

    #[ORM\Column(length: 20, options: ['default' => 'coats-a-spoon'])]
    public string $thickness = 'coats-a-spoon';

    /** low, medium or high: on which it cooks where the recipe says nothing; empty for what suits the day */
    #[ORM\Column(length: 8, options: ['default' => ''])]
    public string $setting = '';

    /** argon2id hash of what lets a device in from the network; empty while nothing does */
    #[ORM\Column(length: 255, options: ['default' => ''])]
    public string $passphrase = '';

    /** Salt that tastes right here, of everything in the pot. */
    #[ORM\Column(options: ['default' => 1.0])]
    public float $saltPercent = 1.0;

    #[ORM\Column(options: ['default' => 4])]
    public int $rings = 4;

    #[ORM\Column(options: ['default' => true])]
    public bool $oven = true;

    /** @var list<array{id: string, name: string, habits: string}> who cooks, and their usual days as typed */
    #[ORM\Column(options: ['default' => '[{"id":"1","name":"","habits":""}]'])]
    public array $people = [['id' => '1', 'name' => '', 'habits' => '']];

    /** @var list<float> widths of the pans at the rim, cm */
    #[ORM\Column(options: ['default' => '[]'])]
    public array $pans = [];

    public function zone(): \DateTimeZone
    {
        return new \DateTimeZone($this->timeZone);
    }
}
