<?php

declare(strict_types=1);

namespace Pausis\App\Api;

use Pausis\App\Access\Passphrase;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** The calendar under an address that nobody guesses, for programs that have no device's cookie; another passphrase makes it another. */
final class CalendarController extends AbstractController
{
    #[Route('/calendar/{key}.ics', methods: ['GET'])]
    public function subscription(string $key, Passphrase $passphrase): Response
    {
        if (!$passphrase->isCalendarKey($key)) {
            throw $this->createNotFoundException();
        }

        return $this->forward(BraiseController::class.'::subscription');
    }
}
