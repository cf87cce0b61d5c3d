<?php

declare(strict_types=1);

namespace Pausis\App\Api;

use Doctrine\DBAL\Exception\DriverException;
use Pausis\App\Api\Presentation\House;
use Pausis\App\Store\StaleRevision;
use Pausis\App\Wording\Wording;
use Pausis\Core\Problem\InvalidInput;
use Psr\Log\LoggerInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Symfony\Component\Validator\Exception\ValidationFailedException;

/** Every error of the API as a problem document (RFC 9457), with the places in the input where it can name them. */
#[AsEventListener]
final readonly class ProblemListener
{
    public function __construct(private LoggerInterface $logger, private Wording $wording, private House $house)
    {
    }

    public function __invoke(ExceptionEvent $event): void
    {
        if (!str_starts_with($event->getRequest()->getPathInfo(), '/api/')) {
            return;
        }
        $error = $event->getThrowable();
        [$status, $title, $violations] = match (true) {
            $error instanceof StaleRevision => [409, 'This was changed in another window.', []],
            $error instanceof InvalidInput => [422, 'Some of this can’t be used.', $this->problems($error)],
            $error instanceof HttpExceptionInterface => $this->http($error),
            $error instanceof DriverException && str_contains($error->getMessage(), 'disk is full') => [507, 'The server’s disk is full: this could not be saved. What was saved before is safe, and what you typed is kept here.', []],
            default => [500, 'Something went wrong on the server. What you typed is kept.', []],
        };
        if ($status >= 500) {
            $this->logger->error($error->getMessage(), ['exception' => $error]);
        }
        $event->setResponse(new JsonResponse(
            ['type' => 'about:blank', 'title' => $title, 'status' => $status, 'violations' => $violations],
            $status,
            ['Content-Type' => 'application/problem+json'],
        ));
    }

    /** @return array{int, string, list<array{path: string, code: string, message: string}>} */
    private function http(HttpExceptionInterface $error): array
    {
        $cause = $error->getPrevious();
        if ($cause instanceof ValidationFailedException) {
            $violations = [];
            foreach ($cause->getViolations() as $violation) {
                $violations[] = ['path' => $violation->getPropertyPath(), 'code' => 'malformed', 'message' => (string) $violation->getMessage()];
            }

            return [422, 'Some of this can’t be used.', $violations];
        }

        return [$error->getStatusCode(), match ($error->getStatusCode()) {
            400, 415 => 'The request is not the JSON that was expected.',
            404 => 'There is nothing here under that name. It may have been deleted.',
            405 => 'That can’t be done here.',
            413 => 'That is too much at once.',
            default => 'The request can’t be answered.',
        }, []];
    }

    /** @return list<array{path: string, code: string, message: string}> */
    private function problems(InvalidInput $error): array
    {
        $violations = [];
        foreach ($error->problems as $problem) {
            $view = $this->wording->problem($problem, $this->house->measures());
            $violations[] = ['path' => $view->path, 'code' => $view->code, 'message' => $view->message];
        }

        return $violations;
    }
}
