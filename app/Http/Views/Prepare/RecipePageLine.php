<?php

declare(strict_types=1);

namespace App\Http\Views\Prepare;

use App\Http\Views\Named;
use App\Http\Views\View;
use App\Recipes\ScaledRecipe;
use App\Recipes\ScaledRecipeLine;
use App\Words\Said;
use Hovik\Core\Pantry\Family;
use Hovik\Core\Recipe\Choices;
use Hovik\Core\Recipe\Flag;
use Hovik\Core\Recipe\OwnGrams;
use Hovik\Core\Recipe\Piece;
use Hovik\Core\Recipe\ReadLine;
use Hovik\Core\Recipe\SettledLine;
use Hovik\Core\Technique\HouseMethod;
use Hovik\Core\Words\Phrase;

final readonly class RecipePageLine extends View
{
    /**
     * @param  string  $id  stays with the line through later versions
     * @param  'read'|'partly'|'unread'|'heading'|'note'  $status
     * @param  string|null  $name  the food's, as written, where no pantry has it
     * @param  list<WrittenPart>  $parts  put together, the line as written
     * @param  bool  $mended  settled by a teacher, or called a heading
     * @param  bool  $skip  left out: not measured
     * @param  bool  $open  a question must be settled before it can be measured
     * @param  string|null  $reads_as  the ingredient
     * @param  Family|null  $family  whose technique measures it
     * @param  list<LineQuestion>  $questions
     * @param  list<LineChoice>  $choices
     * @param  list<Named>  $methods
     */
    public function __construct(
        public string $id,
        public string $text,
        public string $status,
        public ?string $name,
        public array $parts,
        public bool $mended,
        public bool $skip,
        public bool $open,
        public ?string $reads_as,
        public ?Family $family,
        public array $questions,
        public array $choices,
        public ?Settled $settled,
        public ?SaidAmount $said,
        public array $methods,
        public ?ScaledLineView $scaled,
        public ?RecipeGrams $own_grams,
    ) {
    }

    public static function of(ScaledRecipeLine $line, ScaledRecipe $sheet): self
    {
        $read = $line->read;
        $ingredient = $line->line->ingredient ?? $read->ingredient;
        $methods = $ingredient === null ? [] : array_values(array_filter(
            HouseMethod::cases(), static fn (HouseMethod $method): bool => $method->suits($ingredient->family),
        ));
        $isSettled = $line->kept->isSettled();
        $question = static fn (Flag $flag): LineQuestion => LineQuestion::of($flag, $read, $sheet->standard);

        $said = SettledLine::amount($read, $sheet->standard);
        $own = OwnGrams::of($read, $sheet->version->recipe->standard ?? $sheet->standard, $sheet->pantry);

        return new self(
            id: $line->kept->id,
            text: $read->text,
            status: $line->kept->heading ? ReadLine::HEADING : $read->status,
            name: $ingredient === null ? $read->name : null,
            parts: array_map(static fn (Piece $piece): WrittenPart => new WrittenPart($piece->part, $piece->text), $read->pieces),
            mended: $isSettled || $line->kept->heading && $read->status !== ReadLine::HEADING,
            skip: $line->kept->skip,
            open: $line->isOpen(),
            reads_as: $ingredient === null ? null : Said::ingredient($ingredient->id),
            family: $ingredient?->family,
            questions: $isSettled && $line->line !== null || $line->kept->skip || $line->isHeading()
                ? [] : array_map($question, $read->flags),
            choices: $line->isHeading() ? [] : array_map(LineChoice::of(...), Choices::of($read, $sheet->standard, $sheet->pantry)),
            settled: $line->line === null ? null : Settled::of($line->line),
            said: $said === null ? null : SaidAmount::of($said),
            methods: array_map(
                static fn (HouseMethod $method): Named => new Named($method->value, Said::phrase(Phrase::of("method.$method->value"))),
                $methods,
            ),
            scaled: $line->scaled === null ? null : ScaledLineView::of($line->scaled),
            own_grams: $own === null || $isSettled ? null : RecipeGrams::of($own),
        );
    }
}
