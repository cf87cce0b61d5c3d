<?php

declare(strict_types=1);

namespace Pausis\Core\Reading\Lines;

/** Cuts a text into what is tagged: lines, sentences of paragraphs, clauses of speech without stops. */
final readonly class Cutter
{
    /** Behind these a stop ends no sentence, whatever comes. */
    private const NEVER = '(?<!approx\.)(?<!\babt\.)(?<!\bca\.)(?<!\bno\.)(?<!\bNo\.)(?<!\bMrs\.)(?<!\bMr\.)(?<!\bp\.)'
        .'(?<!\bdeg\.)(?<!\bfl\.)(?<!tblsp\.)(?<!tablesp\.)(?<!teasp\.)(?<!dessertsp\.)(?<!\bdssp\.)(?<!(?<![°º])(?<!\d{3} )\b[tTcC]\.)';
    /** Behind these it ends one only before a capital. */
    private const SHORT = '(?<!\bmin\.)(?<!mins\.)(?<!\bhrs\.)(?<!\bhr\.)(?<!tbsp\.)(?<!\btbs\.)(?<!\btsp\.)(?<!\blb\.)'
        .'(?<!lbs\.)(?<!\boz\.)(?<!\bpt\.)(?<!\bpts\.)(?<!\bqt\.)(?<!\bpkg\.)(?<!\bpkt\.)(?<!\bin\.)(?<!\bbtl\.)';
    /** With one of these somebody is told to do something. */
    private const DO = 'brown|sear|fry|pour|poor|put|tip|add|stir|cover|leave|cook|simmer|braise|season|take|lift|serve|let|bring|turn'
        .'|strain|skim|reduce|thicken|cut|chop|mash|boil|drain|soak|peel|blend|dice|slice|toast';
    private const SENTENCES = '/(?<=[.])\s*[—–]+\s*(?=\p{Lu}\p{Ll}*\s+\p{Ll})|(?<=[.!?;])'.self::NEVER.'["”’)]*\s+(?=["“‘(]?[\p{Lu}\d½¼¾])'
        .'|'.self::NEVER.self::SHORT.'(?<=\p{Ll}[.;])\s+(?=\p{Ll}{3})'
        .'|(?<=mins\.|\bmin\.|\bhrs\.|\bhr\.)\s+(?=(?:'.self::DO.')\b)'
        .'|,?\s+(?:and\s+)?(?:then|after that|next(?! (?:day|morning|week|time|door|to)\b))\s+(?=\p{L})/u';
    /** Speech without stops: a clause begins where somebody does something. */
    private const CLAUSES = '/,?\s+(?:and\s+)?(?:then|so|okay|ok|now|after that|next(?! (?:day|morning|week|time|door|to)\b)|once'
        .'|when)\s+(?=\p{L})|\s+(?:and|you|we|I)\s+'
        .'(?=(?:'.self::DO.'|(?:flour|salt|rub)(?= (?:it|them|the)))\b)'
        .'|\s+(?=(?:(?:and )?for the (?:mash|sauce|topping|crumbs|dumplings)|in the oven at|or if you|fry (?:those|them|it)|while that'
        .'|lid on|true story|fish out|pat (?:it|those|them))\b)'
        .'|\s+(?=(?:(?:take|lift) (?:it|them|the meat) out|(?:pour|poor|stir) in|cover it|serve it|put it|leave it|cook that)\b)/iu';
    private const MARK = '/^\s*(?:(?<heading>\#{1,6})\s+|(?<quote>>+)\s*|(?<bullet>(?:[-–—*•·▢☐□✓✔+]|\[[ x]?\]'
        .'|[\p{So}\p{Sk}\x{FE0F}\x{200D}'
        .'\x{20E3}])+\s*)(?=\S)|(?<number>(?:step\s*)?\d{1,2}[.):](?=\s)|\d{1,2}\s+(?=\p{Lu}\p{Ll}+\s+(?:the|it|them|in|a|an|to'
        .'|with|and|out'
        .'|over|oven)\b))\s*)/iu';
    private const LONG_CLAUSE_BYTES = 220;
    /** Without a stop in it, a sentence longer than this is speech. */
    private const LONG_SPEECH_BYTES = 80;
    private const MOST_SENTENCES = 400;
    /** Lines of more words are cut into sentences. */
    private const FEW_WORDS = 12;

    /** @return list<Line> */
    public static function lines(Flow $flow): array
    {
        $speakers = Speakers::of($flow->text);
        $rows = [];
        $at = 0;
        foreach (explode("\n", $flow->text) as $row) {
            $rows[] = [$row, $at];
            $at += \strlen($row) + 1;
        }
        $lines = [];
        foreach ($rows as $k => [$row, $at]) {
            $stretch = (new Stretch($row, $at, $flow->lineAt($at)))->part(0, \strlen($row));
            if ('' === $stretch->text) {
                continue;
            }
            $opens = '' === trim($rows[$k - 1][0] ?? '');
            $closes = '' === trim($rows[$k + 1][0] ?? '');
            foreach (self::parts($stretch, $speakers, $flow) as [$whole, $said, $mark, $place, $of]) {
                $lines[] = new Line(
                    $whole, $said, $mark, $place, $of, $speakers->voiceAt($whole->start), $opens && 0 === $place,
                    $closes && $place === $of - 1, \strlen($row) - \strlen(ltrim($row)),
                );
            }
        }

        return $lines;
    }

    /** @return list<array{Stretch, Stretch, string, int, int}> */
    private static function parts(Stretch $row, Speakers $speakers, Flow $flow): array
    {
        $name = $speakers->nameAt($row);
        $parts = 0 === $name ? [] : [[$row->part(0, $name), $row->part(0, $name), '@', 0, 1]];
        $rest = $row->part($name, \strlen($row->text));
        if ('' === $rest->text) {
            return $parts;
        }
        if (str_starts_with($rest->text, '|')) {
            return [...$parts, [$rest, $rest, '|', 0, 1]];
        }
        preg_match(self::MARK, $rest->text, $m, \PREG_UNMATCHED_AS_NULL);
        $mark = match (true) {
            isset($m['heading']) => $m['heading'],
            isset($m['quote']) => '>',
            isset($m['bullet']) => '-',
            isset($m['number']) => '1',
            default => '',
        };
        $said = $rest->part(\strlen($m[0] ?? ''), \strlen($rest->text));
        $sentences = self::sentences($said);
        foreach ($sentences as $k => $sentence) {
            $sentence = new Stretch($sentence->text, $sentence->start, $flow->lineAt($sentence->start));
            $whole = 0 === $k ? $rest->part(0, $sentence->end() - $rest->start) : $sentence;
            $parts[] = [$whole, $sentence, $mark, $k, \count($sentences)];
        }

        return $parts;
    }

    /** @return list<Stretch> */
    private static function sentences(Stretch $said): array
    {
        // "1 can tomatoes; chopped, with juice"
        $sentences = preg_match('/^\W*[\d½¼¾⅓⅔][^.;]*;\s+\p{Ll}[^.;]*$/u', $said->text)
            ? [$said] : $said->split(self::SENTENCES, self::MOST_SENTENCES);
        if (preg_match_all('/[\p{L}\p{M}’\']+/u', $said->text) <= self::FEW_WORDS && \count($sentences) > 1) {
            $short = array_filter($sentences, static fn (Stretch $s): bool => preg_match_all('/\p{L}{2,}/u', $s->text) < 3);
            $sentences = [] === $short ? $sentences : [$said];
        }
        $cut = [];
        foreach (self::outsideBrackets($said, $sentences) as $sentence) {
            $length = \strlen($sentence->text);
            $speech = $length > self::LONG_CLAUSE_BYTES
                || ($length > self::LONG_SPEECH_BYTES && !preg_match('/[,;:]/', $sentence->text));
            array_push($cut, ...($speech ? $sentence->split(self::CLAUSES, self::MOST_SENTENCES) : [$sentence]));
        }

        return [] === $cut ? [$said] : $cut;
    }

    /**
     * What stands in brackets is not cut.
     *
     * @param list<Stretch> $sentences
     *
     * @return list<Stretch>
     */
    private static function outsideBrackets(Stretch $said, array $sentences): array
    {
        $whole = [];
        foreach ($sentences as $sentence) {
            $last = $whole[\count($whole) - 1] ?? null;
            if (null !== $last && substr_count($last->text, '(') > substr_count($last->text, ')') && str_contains($sentence->text, ')')) {
                array_pop($whole);
                $sentence = $said->part($last->start - $said->start, $sentence->end() - $last->start);
            }
            $whole[] = $sentence;
        }

        return $whole;
    }
}
