<?php

declare(strict_types=1);

namespace Hovik\Core\Technique;

use Brick\Math\BigRational;
use Hovik\Core\InvalidInput;
use Hovik\Core\JsonInput;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Pantry\Ingredient;
use Hovik\Core\Pantry\Kind;
use Hovik\Core\Plan\MeasuringMode;
use Hovik\Core\Quantity\KitchenNotation;
use Hovik\Core\Words\DecimalSign;
use Hovik\Core\Words\Phrase;

/**
 * Where good cooks disagree: the house methods and the answers a class has settled on; and what it meets at all, for there are classes
 * without thirds, without millilitres, without an oven. Without any, the usual ones.
 */
final readonly class HouseRules
{
    /** Every question with its answers, the default first. Words: `school.QUESTION`, `school.QUESTION.ANSWER`. */
    public const QUESTIONS = [
        'lumpy-powders' => ['break-lumps', 'sift'],
        'levelling' => ['straight-edge', 'knife-back', 'fingertip'],
        'thick-pourables' => ['dry-cup', 'jug'],
        'top-read' => ['verified', 'never', 'trusted'],
        'liquids-in-dry-cups' => ['no', 'brim-full'],
        'small-liquids' => ['spoons', 'small-measure'],
        'leaveners' => ['spoon', 'cup'],
        'weigh-above' => ['3', '2', '4', '6'],
        'most-fills' => ['6', '4', '8', '12'],
        'spoons-up-to' => ['smallest-cup', '1/4', '1/3', '1/2'],
        'exact-way' => ['fewest', 'one-tool'],
        'measure-by' => ['both', 'weigh', 'tools'],
        'surplus' => ['return', 'discard'],
        'surplus-sugar' => ['same', 'return', 'discard'],
        'surplus-grain' => ['same', 'return', 'discard'],
        'who-measures' => ['free', 'by-name'],
        'steps' => ['full', 'short'],
        'decimal-sign' => ['device', 'point', 'comma'],
        'thirds' => ['yes', 'no'],
        'metric' => ['yes', 'no'],
        'oven' => ['yes', 'no'],
    ];

    /**
     * @param  array<string, string>  $answers  by question; what is not there takes the default
     * @param  list<HouseMethod>  $methods  one a family; a family without takes its default
     */
    private function __construct(private array $answers, private array $methods)
    {
    }

    public static function usual(): self
    {
        return new self([], []);
    }

    /**
     * @param  array<array-key, mixed>  $answers
     * @param  list<HouseMethod>  $methods
     *
     * @throws InvalidInput naming the question
     */
    public static function of(array $answers, array $methods = []): self
    {
        $known = [];
        foreach ($answers as $question => $answer) {
            if (! is_string($answer) || ! in_array($answer, self::QUESTIONS[$question] ?? [], true)) {
                throw InvalidInput::because("schools.$question", Phrase::of('refusal.answer-choice'));
            }
            $known[(string) $question] = $answer;
        }

        return new self($known, $methods);
    }

    /**
     * The same but for one answer.
     *
     * @throws InvalidInput naming the question
     */
    public function with(string $question, string $answer): self
    {
        return self::of([$question => $answer] + $this->answers, $this->methods);
    }

    /** @return array{answers: array<string, string>, methods: list<string>} to be stored */
    public function toArray(): array
    {
        return ['answers' => $this->answers, 'methods' => array_column($this->methods, 'value')];
    }

    /** @throws InvalidInput */
    public static function fromArray(JsonInput $stored): self
    {
        return self::of($stored->listOrMap('answers'), $stored->enums('methods', HouseMethod::class));
    }

    public function answer(string $question): string
    {
        return $this->answers[$question] ?? self::QUESTIONS[$question][0];
    }

    /**
     * How the class measures it; null for the family's default. Powders that cake have a question of their own.
     *
     * @param  bool  $isSiftedLater  the recipe sifts it once it is measured: nobody sifts it before, whatever the class does
     */
    public function methodFor(Ingredient $ingredient, bool $isSiftedLater = false): ?HouseMethod
    {
        $method = $this->classMethod($ingredient);

        return $isSiftedLater && $method === HouseMethod::SiftSpoonLevel ? HouseMethod::StirSpoonLevel : $method;
    }

    private function classMethod(Ingredient $ingredient): ?HouseMethod
    {
        if ($ingredient->kind === Kind::LumpyPowder) {
            return $this->answer('lumpy-powders') === 'sift' ? HouseMethod::SiftSpoonLevel : HouseMethod::StirSpoonLevel;
        }
        foreach ($this->methods as $method) {
            if (in_array($method, HouseMethod::forFamily($ingredient->family), true)) {
                return $method;
            }
        }

        return null;
    }

    /** The step that levels what is heaped. A fingertip levels packed sugar only, where it cannot dig in. */
    public function levels(bool $isPacked): Step
    {
        return match ($this->answer('levelling')) {
            'knife-back' => Step::SweepKnife,
            'fingertip' => $isPacked ? Step::SmoothFingertip : Step::SweepLevel,
            default => Step::SweepLevel,
        };
    }

    /** Whether yogurt and the like may go into a jug too: they mound in a cup, and some flow. */
    public function poursThick(): bool
    {
        return $this->answer('thick-pourables') === 'jug';
    }

    /** @param  bool  $isChecked  its volume has been found with water */
    public function trustsTopRead(bool $isChecked): bool
    {
        return match ($this->answer('top-read')) {
            'trusted' => true,
            'never' => false,
            default => $isChecked,
        };
    }

    public function poursIntoDryCups(): bool
    {
        return $this->answer('liquids-in-dry-cups') === 'brim-full';
    }

    public function prefersSmallMeasure(): bool
    {
        return $this->answer('small-liquids') === 'small-measure';
    }

    public function leavenersByCup(): bool
    {
        return $this->answer('leaveners') === 'cup';
    }

    /** Cups up to which dry food goes by spoon, where spoons make it; null: what is smaller than the smallest cup. */
    public function spoonsUpTo(): ?BigRational
    {
        $cups = $this->answer('spoons-up-to');

        return $cups === 'smallest-cup' ? null : KitchenNotation::read($cups);
    }

    /** Whether one tool filled again and again goes before fewer fills of several. */
    public function prefersOneTool(): bool
    {
        return $this->answer('exact-way') === 'one-tool';
    }

    /** How a line of a new lab is measured, unless the teacher says otherwise. */
    public function measuresBy(): MeasuringMode
    {
        return match ($this->answer('measure-by')) {
            'weigh' => MeasuringMode::Weight,
            'tools' => MeasuringMode::Volume,
            default => MeasuringMode::Checked,
        };
    }

    /** What becomes of what fell off the tool: clean food goes back, unless the class throws it away, this family of it or all. */
    public function clears(Family $family): Step
    {
        $own = match ($family) {
            Family::GranularSugar, Family::MoistSugar => $this->answer('surplus-sugar'),
            Family::CoarseGrain, Family::Pieces, Family::Shredded => $this->answer('surplus-grain'),
            default => 'same',
        };

        return ($own === 'same' ? $this->answer('surplus') : $own) === 'discard' ? Step::DiscardExcess : Step::ReturnExcess;
    }

    /** Fills that are asked of anybody without a word; above them weighing is advised. */
    public function mostFills(): int
    {
        return (int) $this->answer('most-fills');
    }

    /** Whether lines are given to names at a station; else whoever is free measures. */
    public function goesByName(): bool
    {
        return $this->answer('who-measures') === 'by-name';
    }

    /** Whether its steps are said in as few words as can be. */
    public function saysStepsShort(): bool
    {
        return $this->answer('steps') === 'short';
    }

    /** The sign that numbers have on screens; null: as the device's region writes them. */
    public function decimalSign(): ?DecimalSign
    {
        return DecimalSign::tryFrom($this->answer('decimal-sign'));
    }

    /** Whether the class meets thirds, millilitres, an oven. */
    public function meets(string $what): bool
    {
        return $this->answer($what) === 'yes';
    }

    /** Cups of a dry ingredient above which weighing is advised. */
    public function weighAboveCups(): int
    {
        return (int) $this->answer('weigh-above');
    }
}
