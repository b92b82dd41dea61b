<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe;

use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Recipe\Line\LanguagePack;

/**
 * Compares the ingredient list with the directions: what is listed and never used, used and not listed, listed twice. A
 * cook's short names count: 'the flour' is the bread flour, 'dry ingredients' are all that is dry.
 */
final readonly class DirectionsCheck
{
    private const DRY = [Family::FinePowder, Family::GranularSugar, Family::MoistSugar, Family::LeavenerSpice, Family::CoarseGrain];

    private const WET = [Family::ThinLiquid, Family::Oil, Family::ViscousLiquid, Family::ThickDairyPuree, Family::Counted];

    /** What directions say of many foods at once, by language: of all, of what is dry, of what is wet, of spices. */
    private const TOGETHER = [
        'en' => [
            'all' => '~ (?:all|remaining|other|rest of the|every) (?:the )?(?:the )?ingredient | everything ~',
            'dry' => '~ dry (?:ingredient|mixture|thing) ~', 'wet' => '~ (?:wet|liquid) (?:ingredient|mixture|thing) | liquid ~',
            'spice' => '~ spice ~',
        ],
        'es' => [
            'all' => '~ (?:todo|toda|resto|demas) (?:de )?(?:el |lo |la |los )?(?:ingrediente)?| mezcla todo ~',
            'dry' => '~ (?:ingrediente )?seco ~', 'wet' => '~ (?:ingrediente )?(?:liquido|humedo) ~', 'spice' => '~ especia ~',
        ],
    ];

    /** Words by which a text shows its language. */
    private const TELLING = ['en' => '~ (?:the|and|with|in|to|until) ~', 'es' => '~ (?:el|la|lo|y|con|en|de|hasta|a) ~'];

    public function __construct(private Pantry $pantry)
    {
    }

    /**
     * @param  list<Ingredient|null>  $listed  by line; null where the line was not read
     * @param  list<string>  $directions
     * @return list<Finding>
     */
    public function check(array $listed, array $directions): array
    {
        $lines = [];
        foreach ($listed as $position => $ingredient) {
            if ($ingredient !== null) {
                $lines[$ingredient->id][] = $position;
            }
        }
        $findings = [];
        foreach ($lines as $id => $positions) {
            if (count($positions) > 1) {
                $findings[] = new Finding(Finding::LISTED_TWICE, $id, $positions);
            }
        }
        $text = implode("\n", $directions);
        if (trim($text) === '') {
            return $findings;
        }
        $words = self::languageOf($text);
        $names = new NameFinder($this->pantry, $words);
        $foods = FoodNames::of($this->pantry, $words->language)->names;
        $plain = ' '.implode(' ', $names->words($text)).' ';
        $heads = static fn (string $id): array => self::heads($id, $foods[$id] ?? [], $names, $words);
        foreach ($lines as $id => $positions) {
            if (! self::isUsed($this->pantry->ingredient($id), $heads($id), $plain, $words->language)) {
                $findings[] = new Finding(Finding::NEVER_USED, $id, $positions);
            }
        }

        return [...$findings, ...self::notListed(array_merge([], ...array_map($heads, array_keys($lines))), $names, $words, $text)];
    }

    private static function languageOf(string $text): LanguagePack
    {
        $plain = ' '.str_replace(' ', '  ', mb_strtolower((string) preg_replace('~\PL+~u', ' ', $text))).' ';
        $said = array_map(static fn (string $pattern): int => (int) preg_match_all($pattern, $plain), self::TELLING);

        return $said['es'] > $said['en'] ? LanguagePack::spanish() : LanguagePack::english();
    }

    /** @param  list<string>  $heads */
    private static function isUsed(Ingredient $ingredient, array $heads, string $plain, string $language): bool
    {
        $together = self::TOGETHER[$language] ?? self::TOGETHER['en'];
        $said = static fn (string $what): bool => preg_match($together[$what], $plain) === 1;

        return $said('all')
            || in_array($ingredient->family, self::DRY, true) && $said('dry')
            || in_array($ingredient->family, self::WET, true) && $said('wet')
            || $ingredient->family === Family::LeavenerSpice && $said('spice')
            || array_filter($heads, static fn (string $head): bool => str_contains($plain, " $head ")) !== [];
    }

    /**
     * The nouns an ingredient goes by: 'flour' for bread flour, 'harina' for 'harina de fuerza'; 'nut' and 'walnut' for walnuts.
     *
     * @param  list<string>  $called
     * @return list<string>
     */
    private static function heads(string $id, array $called, NameFinder $names, LanguagePack $words): array
    {
        $heads = [];
        foreach ($called as $name) {
            $parts = $names->words($name);
            $heads[] = $words->isBehind ? ($parts[0] ?? '') : ($parts[count($parts) - 1] ?? '');
            $heads[] = implode(' ', $parts);
        }
        if (preg_match('~walnut|pecan|almond|hazelnut~', $id) === 1) {
            $heads[] = $words->isBehind ? 'nuez' : 'nut';
        }

        return array_values(
            array_unique(array_filter($heads, static fn (string $head): bool => $head !== '' && ! $words->isPlain($head))),
        );
    }

    /**
     * @param  list<string>  $heads  of all that is listed
     * @return list<Finding>
     */
    private static function notListed(array $heads, NameFinder $names, LanguagePack $words, string $text): array
    {
        $known = array_flip($heads);
        $findings = [];
        foreach ($names->findAll($text) as $match) {
            $parts = explode(' ', $match->alias);
            $head = $words->isBehind ? $parts[0] : $parts[count($parts) - 1];
            if (! isset($known[$match->alias]) && ! isset($known[$head])) {
                $findings[$match->ingredient] ??= new Finding(Finding::NOT_LISTED, $match->ingredient, []);
            }
        }

        return array_values($findings);
    }
}
