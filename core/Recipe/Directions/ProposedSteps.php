<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe\Directions;

use Hovik\Core\InvalidInput;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Recipe\FoodMentions;
use Hovik\Core\Recipe\LineReader;
use Hovik\Core\Recipe\RecipeLine;

/** Reads directions as steps: what each uses, who should do it, and whether hands need gloves. A proposal: the teacher settles it. */
final readonly class ProposedSteps
{
    /** English and Spanish words, as directions are written: only the teacher handles hot fat, the oven, tins and heavy things. */
    private const TEACHER = [
        'deep[- ]?fr(?:y|ied|ying)', 'fry', 'fries', 'frying', 'hot (?:oil|fat)', 'caramel(?:i[sz]e)?', 'boiling sugar', 'preheat', 'broil',
        '(?:heat|open) (?:up )?the oven', '(?:into|from|out of|in) (?:the|a hot) oven', 'open (?:the )?(?:tins?|cans?)', 'lift',
        'fre[ií]r', 'fríe', 'aceite caliente', 'caramelo', 'precalienta', 'precalentar', 'calienta el horno', '(?:al|del|en el) horno',
        'abre (?:la|las) latas?',
    ];

    private const WITH_ADULT = [
        'bak(?:e|es|ing)', 'roast', 'melt(?:ed|s)?', 'boil(?:ed|ing|s)?', 'simmer', 'scald', 'hot', 'warm(?:ed)?', 'chop', 'slice', 'dice',
        'mince', 'grate', 'shred', 'peel', 'cut', 'blend(?:er)?', 'stand mixer', 'hornea', 'hornear', 'derrite', 'derretir', 'hierve',
        'hervir', 'caliente', 'calienta', 'corta', 'cortar', 'pica', 'picar', 'ralla', 'rallar', 'pela', 'pelar', 'licuadora', 'batidora',
    ];

    private const BY_HAND = [
        'knead', 'shape', 'roll (?:into|the dough|each)', 'form (?:into|the)', 'press (?:into|with your)', 'by hand', 'with your hands',
        'balls?', 'amasa', 'amasar', 'forma', 'formar', 'bolitas?', 'con las manos',
    ];

    private const BAKED = [
        'bake', 'baking', 'oven', 'roast', 'fry', 'boil', 'simmer', 'hornea', 'hornear', 'horno', 'fríe', 'freír', 'hierve',
    ];

    /** @var array<string, Ingredient> by id of the line */
    private array $foods;

    /** @param  list<RecipeLine>  $lines */
    public function __construct(private Pantry $pantry, array $lines)
    {
        $reader = new LineReader($pantry);
        $foods = [];
        foreach ($lines as $line) {
            $food = $line->heading || $line->skip ? null : self::food($line, $reader, $pantry);
            if ($food !== null) {
                $foods[$line->id] = $food;
            }
        }
        $this->foods = $foods;
    }

    /**
     * @param  list<string>  $texts
     * @param  list<DirectionStep>  $before  of an earlier version: what was settled stays with its words
     * @return list<DirectionStep>
     */
    public function of(array $texts, array $before = []): array
    {
        $settled = [];
        foreach ($before as $step) {
            if ($step->settled) {
                $settled[$step->text] = $step;
            }
        }
        $whole = mb_strtolower(implode("\n", $texts));
        $isBaked = self::says(self::BAKED, $whole);
        $ids = array_keys($this->foods);

        return array_map(function (string $text) use ($settled, $whole, $isBaked, $ids): DirectionStep {
            $kept = $settled[$text] ?? null;

            return $kept === null ? $this->propose($text, $whole, $isBaked) : new DirectionStep(
                $text, array_values(array_intersect($kept->lines, $ids)), $kept->by, $kept->gloves, $kept->note, true,
            );
        }, $texts);
    }

    private function propose(string $text, string $whole, bool $isBaked): DirectionStep
    {
        $plain = mb_strtolower($text);
        $said = new FoodMentions($this->pantry, $text, $whole);

        return new DirectionStep(
            $text,
            array_keys(array_filter($this->foods, fn (Ingredient $food): bool => $said->has($food, array_values($this->foods)))),
            match (true) {
                self::says(self::TEACHER, $plain) => DoneBy::Teacher,
                self::says(self::WITH_ADULT, $plain) => DoneBy::WithAdult,
                default => DoneBy::Student,
            },
            ! $isBaked && self::says(self::BY_HAND, $plain),
        );
    }

    /** @param  list<string>  $words */
    private static function says(array $words, string $text): bool
    {
        return preg_match('~\b(?:'.implode('|', $words).')\b~u', $text) === 1;
    }

    private static function food(RecipeLine $line, LineReader $reader, Pantry $pantry): ?Ingredient
    {
        try {
            return $line->ingredient === null ? $reader->read($line->text)->ingredient : $pantry->ingredient($line->ingredient);
        } catch (InvalidInput) {
            return null; // what was settled is no longer in the pantry
        }
    }
}
