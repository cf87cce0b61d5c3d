<?php

declare(strict_types=1);

namespace Pausis\Tests\App;

/** A question about a line comes with answers to press, and each of them ends the question. */
final class SuggestedAnswersTest extends ApiTestCase
{
    private const ASKED = "Pork and beans\nServes 4\n\n1 kg pork loin\n250 g kidney beans\n1 bottle dry cider\n1 tub wobbleroot\n2"
        ." onions\n\nCover and cook in the oven at 150 °C for 3 hours.";

    public function testEachAnswerEndsItsQuestion(): void
    {
        $read = $this->call('POST', '/api/recipes/read', ['text' => self::ASKED]);
        $asked = 0;
        foreach ((array) $read['understood'] as $k => $line) {
            self::assertIsArray($line);
            foreach ((array) $line['answers'] as $answer) {
                self::assertIsArray($answer);
                ++$asked;
                $draft = (array) $read['draft'];
                self::assertIsArray($draft['ingredients']);
                $draft['ingredients'][$k] = [
                    'amount' => $answer['amount'] ?? self::text($read, "draft.ingredients.$k.amount"),
                    'food' => $answer['food'] ?? self::text($read, "draft.ingredients.$k.food"),
                    'ignored' => $answer['ignored']] + (array) self::in($read, "draft.ingredients.$k");
                $after = $this->call('POST', '/api/braises/preview', $draft);
                if (true !== $answer['ignored'] && 'Dried' !== $answer['text']) {
                    self::assertSame('', self::text($after, "understood.$k.question"), self::text($answer, 'text'));
                }
            }
        }

        self::assertSame(7, $asked);
        self::assertContains('Cook it like pork shoulder', array_column((array) self::in($read, 'understood.0.answers'), 'text'));
        self::assertSame(['Tinned', 'Dried'], array_column((array) self::in($read, 'understood.1.answers'), 'text'));
    }
}
