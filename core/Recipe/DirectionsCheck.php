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

    private NameFinder $names;

    public function __construct(private Pantry $pantry)
    {
        $this->names = new NameFinder($pantry);
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
        $plain = ' '.implode(' ', $this->names->words($text)).' ';
        foreach ($lines as $id => $positions) {
            if (! $this->isUsed($this->pantry->ingredient($id), $plain)) {
                $findings[] = new Finding(Finding::NEVER_USED, $id, $positions);
            }
        }

        return [...$findings, ...$this->notListed(array_keys($lines), $text)];
    }

    private function isUsed(Ingredient $ingredient, string $plain): bool
    {
        if (
            preg_match('~ (all|remaining|other|rest of the|every) (the )?(the )?ingredient ~', $plain) === 1
                || str_contains($plain, ' everything ')
        ) {
            return true;
        }
        if (in_array($ingredient->family, self::DRY, true) && preg_match('~ dry (ingredient|mixture) ~', $plain) === 1) {
            return true;
        }
        if (in_array($ingredient->family, self::WET, true) && preg_match('~ (wet|liquid) (ingredient|mixture) | liquid ~', $plain) === 1) {
            return true;
        }
        if ($ingredient->family === Family::LeavenerSpice && str_contains($plain, ' spice ')) {
            return true;
        }
        foreach ($this->heads($ingredient) as $head) {
            if (str_contains($plain, " $head ")) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> the nouns an ingredient goes by: 'flour' for bread flour; 'nut' and 'walnut' for walnuts */
    private function heads(Ingredient $ingredient): array
    {
        $heads = [];
        foreach ([explode(',', $ingredient->name)[0], ...$ingredient->aliases] as $name) {
            $words = $this->names->words($name);
            $heads[] = $words[count($words) - 1] ?? '';
            $heads[] = implode(' ', $words);
        }
        if (preg_match('~walnut|pecan|almond|hazelnut~', $ingredient->id) === 1) {
            $heads[] = 'nut';
        }

        return array_values(
            array_unique(array_filter($heads, static fn (string $head): bool => $head !== '' && ! LanguagePack::english()->isPlain($head))),
        );
    }

    /**
     * @param  list<string>  $listed  ids
     * @return list<Finding>
     */
    private function notListed(array $listed, string $text): array
    {
        $known = [];
        foreach ($listed as $id) {
            foreach ($this->heads($this->pantry->ingredient($id)) as $head) {
                $known[$head] = true;
            }
        }
        $findings = [];
        foreach ($this->names->findAll($text) as $match) {
            $words = explode(' ', $match->alias);
            if (! isset($known[$match->alias]) && ! isset($known[$words[count($words) - 1]])) {
                $findings[$match->ingredient] ??= new Finding(Finding::NOT_LISTED, $match->ingredient, []);
            }
        }

        return array_values($findings);
    }
}
