<?php

declare(strict_types=1);

namespace Pausis\App\Api;

use Pausis\App\Kitchen\Asked;
use Pausis\App\Kitchen\House;
use Pausis\App\Kitchen\Offer;
use Pausis\App\Store\Failure;
use Pausis\App\Store\StaleRevision;
use Pausis\App\Wording\Wording;
use Pausis\Core\Problem\InvalidInput;
use Psr\Log\LoggerInterface;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Symfony\Component\Validator\ConstraintViolationInterface;
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
            $error instanceof Asked => [422, 'Something has to be said first.', $this->questions($error)],
            null !== ($failure = Failure::of($error)) => [$failure->status(), $this->wording->label('store', $failure->value), []],
            default => [500, 'Something went wrong on the server.', []],
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
                $violations[] = ['path' => $violation->getPropertyPath(), 'code' => 'malformed', 'message' => $this->malformed($violation)];
            }

            return [422, 'Some of this can’t be used.', $violations];
        }

        return [$error->getStatusCode(), match ($error->getStatusCode()) {
            400, 415 => 'The request is not the JSON that was expected.',
            403 => 'Only Pausis’s own pages may change something here.',
            404 => 'There is nothing here under that name. It may have been deleted.',
            405 => 'That can’t be done here.',
            409 => 'Its pot is on: this can be done when it is closed.',
            413 => 'That is too much at once.',
            default => 'The request can’t be answered.',
        }, []];
    }

    /** Without the names of classes that the deserializer puts into its messages. */
    private function malformed(ConstraintViolationInterface $violation): string
    {
        $message = (string) $violation->getMessage();
        if (!preg_match('/\\\\|::|\btype\b/', $message)) {
            return $message;
        }
        $expected = !preg_match('/\btype ([\w\\\\|]+)/', $message, $m) ? null : match (true) {
            str_starts_with($m[1], 'string') => 'text',
            str_starts_with($m[1], 'int'), str_starts_with($m[1], 'float') => 'number',
            str_starts_with($m[1], 'bool') => 'yes-or-no',
            str_starts_with($m[1], 'array'), str_starts_with($m[1], 'list') => 'list',
            str_contains($m[1], '\\') => 'fields',
            default => null,
        };

        return null === $expected ? $this->wording->label('problem', 'malformed') : $this->wording->say(
            'problem.malformed-type', $this->house->measures(), ['expected' => $this->wording->label('problem', "malformed-$expected")],
        );
    }

    /**
     * @return list<array{path: string, code: string, message: string, offers: list<array{text: string, changes: array<string,
     *     string|list<string>>}>}>
     */
    private function questions(Asked $asked): array
    {
        $violations = [];
        foreach ($asked->questions as $question) {
            $view = $this->wording->problem($question->problem, $this->house->measures());
            $violations[] = ['path' => $view->path, 'code' => $view->code, 'message' => $view->message, 'offers' => array_map(
                fn (Offer $o): array => [
                    'text' => $this->wording->say("offer.$o->code", $this->house->measures(), $o->variables), 'changes' => $o->changes,
                ],
                $question->offers,
            )];
        }

        return $violations;
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
