<?php

declare(strict_types=1);

use App\Models\Lab;
use App\Models\LabItem;
use App\Models\LabLine;
use Hovik\Core\InvalidInput;
use Hovik\Core\Lab\FrozenKitchen;
use Hovik\Core\Lab\FrozenLine;
use Hovik\Core\Lab\LabState;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Recipe\Factor;
use Hovik\Core\Technique\HouseMethod;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;

// What the core makes goes into the database and comes out as the same.

beforeEach(function () {
    $this->lab = $this->openLab();
    $this->flour = $this->lab->lines->first();
});

it('keeps an amount exact, with its unit', function (string $number, Unit $unit) {
    $item = $this->lab->items->first();
    $item->update(['amount' => Amount::of($number, $unit)]);
    $again = LabItem::query()->findOrFail($item->id)->amount;
    expect($again->number->isEqualTo(Amount::of($number, $unit)->number))->toBeTrue()->and($again->unit)->toBe($unit);
})->with([
    ['1 3/4', Unit::Cup], ['1/3', Unit::Teaspoon], ['12', Unit::FluidOunce], ['218.75', Unit::Gram], ['2', Unit::Piece],
]);

it('keeps a factor exact', function (string $factor) {
    $this->lab->update(['factor' => Factor::of($factor)]);
    expect(Lab::query()->findOrFail($this->lab->id)->factor->text())->toBe(Factor::of($factor)->text());
})->with(['1', '1/3', '2 1/2', '12', '7/16']);

it('keeps what a lab is at, and nothing it cannot be at', function () {
    foreach ([LabState::Closed, LabState::Open] as $state) {
        $this->lab->update(['state' => $state, 'closed_at' => $state === LabState::Closed ? now() : null]);
        expect(Lab::query()->findOrFail($this->lab->id)->state)->toBe($state);
    }
    // The database itself keeps what was frozen from being prepared again.
    expect(fn () => $this->lab->update(['state' => LabState::Prepared]))->toThrow(QueryException::class);
    $item = $this->lab->items->first();
    foreach ([null, ...HouseMethod::cases()] as $method) {
        $item->update(['method' => $method]);
        expect(LabItem::query()->findOrFail($item->id)->method)->toBe($method);
    }
});

it('keeps a frozen line whole: read and written again it is the same text', function () {
    $stored = fn (): string => DB::table('lab_lines')->where('id', $this->flour->id)->value('frozen');
    $before = $stored();
    $line = LabLine::query()->findOrFail($this->flour->id);
    expect($line->frozen)->toBeInstanceOf(FrozenLine::class)->and($line->isDirty())->toBeFalse();
    $line->update(['frozen' => FrozenLine::fromArray(new Hovik\Core\JsonInput($line->frozen->toArray()))]);
    expect(json_decode($stored(), true))->toEqual(json_decode($before, true))
        ->and(Lab::query()->findOrFail($this->lab->id)->frozen)->toBeInstanceOf(FrozenKitchen::class);
});

it('reads a frozen line once for everybody, and another text anew', function () {
    $read = fn (): FrozenLine => LabLine::query()->findOrFail($this->flour->id)->frozen;
    expect($read())->toBe($read()); // the very same: from memory
    $this->onTheShelf($this->flour);
    expect($read()->shared)->toBeTrue();
    $other = LabLine::query()->findOrFail($this->lab->lines->last()->id)->frozen;
    expect($other->food->ingredient->id)->toBe('table-salt');
});

it('does not take what a newer Hovik stored, or what is no line', function (array $change, string $field) {
    $text = json_encode($change + $this->flour->frozen->toArray());
    DB::table('lab_lines')->where('id', $this->flour->id)->update(['frozen' => $text]);
    $refusal = refused(fn () => LabLine::query()->findOrFail($this->flour->id)->frozen);
    expect($refusal[0] ?? null)->toBe("frozen.$field");
})->with([
    'newer' => [['version' => FrozenLine::VERSION + 1], 'version'], 'no amount' => [['amount' => null], 'amount'],
    'no ways' => [['ways' => []], 'ways'], 'a mode nobody knows' => [['mode' => 'guessed'], 'mode'],
]);

it('refuses a number that cannot be an amount before it is stored', function () {
    expect(fn () => Amount::of('banana', Unit::Cup))->toThrow(InvalidInput::class)
        ->and(fn () => Factor::of('-2'))->toThrow(InvalidInput::class);
});
