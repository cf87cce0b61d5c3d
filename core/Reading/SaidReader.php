<?php

declare(strict_types=1);

namespace Pausis\Core\Reading;

use Pausis\Core\Recipe\Act;
use Pausis\Core\Recipe\ActKind;
use Pausis\Core\Recipe\Said;

/** Tells of each act of a sentence whether it is to be done, or is a condition, another way, a prohibition or an aside. */
final class SaidReader
{
    private const IF = '(?<!as )(?<!even )(?<!see )(?<!check )(?<!know )(?<!tell )(?<!what )(?<!wonder )\bif\b|\bunless\b';
    /** "If it is thin, boil it down"; "(No time? …)" */
    private const OPENS = '/^[\W\d]*(?:(?:step|but|and|then|so|later|finally|optional(?:ly)?)\W+)*(?:if\b|unless\b|in case\b'
        .'|no time\?|in a hurry\b|short of time\b|late\?)/iu';
    /** "…; if it is thin, " at the end of a clause is about the next. */
    private const ABOUT_NEXT = '/(?:[;:.–—]|,\s*(?:and|but|or)|\band)\s*(?:if|unless)\b[^;:.]*,?\s*$/iu';
    /** "turning it once if you pass": what hangs on it is less than the clause. */
    private const LESS = '/\b(?:\p{L}{3,}ing|with|plus|more|a little|a splash|a bit)\b[^,;.]*(?:'.self::IF.')'
        .'|(?:,|\bor)\s+(?!if\b|and\b|then\b)[^,;.]+(?:'.self::IF.')|\bif (?:it|they)(?: is|[\'’]s| are|[\'’]re)?(?: not'
        .'|n[\'’]t) already/iu';
    private const CASE = '/'.self::IF.'|\b(?:as|where|when) (?:needed|necessary|required)\b|\b(?:for a|for an) (?:\p{L}+ ){0,2}'
        .'(?:sauce|gravy|crust|finish|version|stew)\b(?=[^.;]*\b(?:thick|thin|smooth|rich|crisp|dark|sweet|sharp)\p{L}*\b)/iu';
    private const OTHER_WAY = '/^[\W\d]*(?:(?:or|alternatively|otherwise|instead|optional(?:ly)?)\b(?! (?:until|till|so))|(?:or )?you '
        .'(?:can|could|may|might) (?:also|skip|leave (?:it|this|that|them) out|do this|do it|make (?:it|this)|even|use|just)\b'
        .'|(?:this|that|it|they) (?:can|could|may) (?:also )?be (?:done|made|left out|skipped|cooked|frozen|prepared)\b'
        .'|to (?:make ahead|freeze|make it ahead|reheat)\b|some (?:people|cooks|like|prefer|add)\b|for a (?:short ?cut|quick)\b)/iu';
    private const NOT = '/^[\W\d]*(?:(?:but|and|then|please|really)\W+)?(?:do not|don[\'’]?t (?=\p{L})|never|no (?!time)|not'
        .'|avoid|resist|there(?:[\'’]s|'
        .' is) no need|no need|needn[\'’]?t)\b(?! (?:later|more than|less than|too (?:fast|hard|thin|thick|small|fine)))/iu';
    private const BUT_THEN = '/[,;:–—.]\s*(?:when|then|just|but|only|and)\b/iu';
    private const OTHERS_DO = '/\b(?:my (?:mum|mother|gran\w*|nan\w*|aunt\w*|father|dad|sister|brother|husband|wife'
        .'|neighbou?r)|the neighbou?rs'
        .'|next door|people|everyone|some)\b[^.;]{0,30}\b(?:used to|swears?|says?|said|reckons?|would|did|do theirs'
        .'|does (?:hers|his)|puts?'
        .' (?:hers|his)|insists?)\b|^\W*I (?:usually |always )?(?:make|do|cook|start) (?:them|it|this|these)\b'
        .'|\bI (?:usually can|used to|have (?:tried|made)|once)\b/iu';
    /** What is done in no case in its stead: it hangs on no condition. */
    private const ALWAYS = [
        ActKind::Serve, ActKind::Garnish, ActKind::SeasonToTaste, ActKind::Test, ActKind::Check, ActKind::PokeDown, ActKind::Other,
    ];
    private const LEAVES = [ActKind::Other, ActKind::Check, ActKind::Test];

    private function __construct()
    {
    }

    /**
     * @param list<Act> $acts of one sentence, in order
     *
     * @return list<Act>
     */
    public static function told(array $acts, string $sentence): array
    {
        $next = preg_match(self::OPENS, $sentence) ? Said::Condition : null;
        $told = [];
        foreach ($acts as $k => $act) {
            $words = '' === $act->words ? $sentence : $act->words;
            $said = self::of($act, $words);
            if (Said::Asserted === $said && null !== $next && !self::isFree($act)) {
                $said = $next;
            }
            if (isset($acts[$k + 1]) && preg_match(self::ABOUT_NEXT, $words)) {
                $said = $next ?? Said::Asserted;
                $next = Said::Condition;
            }
            $told[] = Said::Negated === $said || Said::Aside === $said
                ? $act->as(\in_array($act->kind, self::LEAVES, true) ? $act->kind : ActKind::Other)->said($said)
                : $act->said($said);
        }

        return $told;
    }

    /** What is said of one act by its own words. */
    public static function of(Act $act, string $words): Said
    {
        return match (true) {
            preg_match(self::NOT, $words) && !preg_match(self::BUT_THEN, $words) => Said::Negated,
            preg_match(self::OTHERS_DO, $words) && !MethodReader::isBraise($act) => Said::Aside,
            self::isFree($act) => Said::Asserted,
            1 === preg_match(self::OTHER_WAY, $words) => Said::Alternative,
            preg_match(self::OPENS, $words) || (preg_match(self::CASE, $words) && !preg_match(self::LESS, $words)) => Said::Condition,
            default => Said::Asserted,
        };
    }

    /** The braise itself, and what no case decides. */
    private static function isFree(Act $act): bool
    {
        return MethodReader::isBraise($act) || \in_array($act->kind, self::ALWAYS, true);
    }
}
