<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe;

use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Recipe\Line\LanguagePack;

/**
 * Which foods a text of directions speaks of. A cook's short names count: 'the flour' is the bread flour, 'dry ingredients' are all that
 * is dry.
 */
final readonly class FoodMentions
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

    private const TREE_NUT = 'tree-nut';

    private NameFinder $names;

    private LanguagePack $words;

    private string $plain;

    /** @param  string  $language  a text whose language is plain: all the directions, where this is one step of them */
    public function __construct(private Pantry $pantry, private string $text, ?string $language = null)
    {
        $this->words = self::languageOf($language ?? $text);
        $this->names = new NameFinder($pantry, $this->words);
        $this->plain = ' '.implode(' ', $this->names->words($text)).' ';
    }

    /**
     * Whether the text uses it, by any of its names or with others of its kind.
     *
     * @param  list<Ingredient>  $beside  what else is listed: 'brown sugar' speaks of no other sugar
     */
    public function has(Ingredient $ingredient, array $beside = []): bool
    {
        $own = $this->heads($ingredient->id);
        $plain = $this->plain;
        foreach ($beside as $other) {
            foreach (array_diff($this->heads($other->id), $own) as $name) {
                $plain = str_contains($name, ' ') ? str_replace(" $name ", ' | ', $plain) : $plain;
            }
        }

        return self::isUsed($ingredient, $own, $plain, $this->words->language);
    }

    /**
     * Foods that the text names and that none of these are.
     *
     * @param  list<string>  $listed  ids
     * @return list<string> ids
     */
    public function others(array $listed): array
    {
        $known = array_flip(array_merge([], ...array_map($this->heads(...), $listed)));
        $others = [];
        foreach ($this->names->findAll($this->text) as $match) {
            $parts = explode(' ', $match->alias);
            $head = $this->words->isBehind ? $parts[0] : $parts[count($parts) - 1];
            if (! isset($known[$match->alias]) && ! isset($known[$head])) {
                $others[$match->ingredient] = $match->ingredient;
            }
        }

        return array_values($others);
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
     * @return list<string>
     */
    private function heads(string $id): array
    {
        $heads = [];
        foreach (FoodNames::of($this->pantry, $this->words->language)->names[$id] ?? [] as $name) {
            $parts = $this->names->words($name);
            $heads[] = $this->words->isBehind ? ($parts[0] ?? '') : ($parts[count($parts) - 1] ?? '');
            $heads[] = implode(' ', $parts);
        }
        $food = $this->pantry->ingredient($id);
        if ($food->family === Family::Pieces && in_array(self::TREE_NUT, $food->allergens, true)) {
            $heads[] = $this->words->isBehind ? 'nuez' : 'nut';
        }

        return array_values(
            array_unique(array_filter($heads, fn (string $head): bool => $head !== '' && ! $this->words->isPlain($head))),
        );
    }
}
