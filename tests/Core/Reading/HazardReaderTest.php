<?php

declare(strict_types=1);

namespace Pausis\Tests\Core\Reading;

use Pausis\Core\Reading\HazardReader;
use Pausis\Core\Recipe\Hazard;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What must not be done as it stands is found in any words, and what is harmless isn't. */
final class HazardReaderTest extends TestCase
{
    #[TestWith(['Take the beef out of the fridge an hour before cooking.', Hazard::StandsOut])]
    #[TestWith(['Let the meat come to room temperature while you chop.', Hazard::StandsOut])]
    #[TestWith(['Leave at room temperature for 6 hours.', Hazard::OutTooLong])]
    #[TestWith(['Leave the shoulder on the worktop overnight.', Hazard::OutTooLong])]
    #[TestWith(['Sit the meat out for 3 h.', Hazard::OutTooLong])]
    #[TestWith(['Thaw the shoulder in hot water for 3 hours.', Hazard::ThawsWarm])]
    #[TestWith(['Defrost on the counter overnight.', Hazard::ThawsWarm])]
    #[TestWith(['Thaw in the fridge for two days.', null])]
    #[TestWith(['Cover and marinate at room temperature overnight.', Hazard::MarinatesWarm])]
    #[TestWith(['Marinate in the fridge overnight.', null])]
    #[TestWith(['Brown the beef in the morning and leave it in the pan until you get home.', Hazard::KeptBrowned])]
    #[TestWith(['Set the timer to start the cooker in 6 hours.', Hazard::TimerTooLong])]
    #[TestWith(['Stuff the breast and tie it.', Hazard::Stuffed])]
    #[TestWith(['Soak the beans overnight at room temperature.', null])]
    #[TestWith(['Take the butter out of the fridge.', null])]
    #[TestWith(['Cover and cook on Low for 8 hours.', null])]
    public function testBeforeThePot(string $sentence, ?Hazard $hazard): void
    {
        self::assertSame($hazard, HazardReader::in($sentence, false)[0] ?? null);
    }

    #[TestWith(['Let it cool in the pot overnight, then skim the fat.', Hazard::CooledOvernight])]
    #[TestWith(['Turn off and leave till morning.', Hazard::CooledOvernight])]
    #[TestWith(['Cool, then refrigerate overnight.', null])]
    #[TestWith(['Next day warm it through on Warm.', Hazard::ReheatedOnWarm])]
    #[TestWith(['Reheat on the Warm setting for 2 hours.', Hazard::ReheatedOnWarm])]
    #[TestWith(['Keep on warm until everyone is home, up to 8 hours.', Hazard::HeldTooLong])]
    #[TestWith(['Keep on warm for 2 hours.', null])]
    #[TestWith(['Whisk the egg yolks with the lemon and stir into the sauce off the heat.', Hazard::RawEggs])]
    #[TestWith(['Serve with a fried egg.', null])]
    #[TestWith(['Pour the marinade over the meat and serve.', Hazard::RawMarinade])]
    #[TestWith(['Boil the marinade for 5 minutes and pour over.', null])]
    #[TestWith(['Rest on the counter for 10 minutes.', null])]
    public function testAfterIt(string $sentence, ?Hazard $hazard): void
    {
        self::assertSame($hazard, HazardReader::in($sentence, true)[0] ?? null);
    }

    #[TestWith(['Cook it from frozen.', true])]
    #[TestWith(['There is no need to thaw the shanks first.', true])]
    #[TestWith(['The joint may go in half thawed.', true])]
    #[TestWith(['Put the chicken in without defrosting it.', true])]
    #[TestWith(['Add the frozen peas.', false])]
    #[TestWith(['It can be frozen for 3 months.', false])]
    #[TestWith(['Thaw the beef in the fridge.', false])]
    public function testMeatThatGoesInFrozen(string $sentence, bool $frozen): void
    {
        self::assertSame($frozen, HazardReader::cooksFrozen($sentence));
    }
}
