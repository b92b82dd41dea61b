<?php

declare(strict_types=1);

use Hovik\Core\Practice\Choice;
use Hovik\Core\Practice\Question;
use Hovik\Core\Practice\Quiz;
use Hovik\Core\Practice\Setting;
use Hovik\Core\Practice\Skill;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Words\Phrasebook;

/*
 * Every question of every maker, over 2,000 seeds and three levels, is solved a second time from what it says: by the words of
 * its English text, its figure and tables read here, with arithmetic of its own. What the question claims must agree.
 */
const SEEDS = 2000;
const ML = [
    'cup' => 236.5882365, 'tbsp' => 14.78676478125, 'tsp' => 4.92892159375, 'fl oz' => 29.5735295625, 'mL' => 1.0, 'L' => 1000.0,
    'pt' => 473.176473, 'qt' => 946.352946, 'gal' => 3785.411784,
];
const PLURALS = [
    'cups' => 'cup', 'tablespoons' => 'tbsp', 'teaspoons' => 'tsp', 'fluid ounces' => 'fl oz', 'milliliters' => 'mL',
    'liters' => 'L', 'pints' => 'pt', 'quarts' => 'qt', 'gallons' => 'gal',
];
/** The order of the craft's page, by family; those of one food where it has its own. */
const STEPS = [
    'fine-powder' => ['clean-dry-empty', 'loosen', 'over-paper', 'spoon-heaped', 'sweep-level', 'return-excess'],
    'confectioners-sugar' => ['clean-dry-empty', 'crush-lumps', 'over-paper', 'spoon-heaped', 'sweep-level', 'return-excess'],
    'cocoa-powder' => ['clean-dry-empty', 'crush-lumps', 'over-paper', 'spoon-heaped', 'sweep-level', 'return-excess'],
    'granular-sugar' => ['clean-dry-empty', 'crush-lumps', 'dip-heaped', 'sweep-level', 'return-excess'],
    'moist-sugar' => ['clean-dry-empty', 'crush-lumps', 'pack', 'sweep-level', 'turn-out'],
    'leavener-spice' => ['clean-dry-empty', 'loosen', 'dip-heaped', 'sweep-level'],
    'coarse-grain' => ['clean-dry-empty', 'loosen', 'fill', 'sweep-level', 'return-excess'],
    'pieces' => ['clean-dry-empty', 'fill', 'settle'],
    'solid-fat' => ['clean-dry-empty', 'press-out-air', 'sweep-level', 'scrape-out'],
    'nut-butter' => ['clean-dry-empty', 'press-out-air', 'sweep-level', 'scrape-out'],
    'thin-liquid' => ['clean-dry-empty', 'flat-surface', 'pour-near', 'eye-level', 'top-up-curve'],
    'oil' => ['clean-dry-empty', 'flat-surface', 'pour-near', 'eye-level', 'top-up-curve', 'scrape-out'],
    'viscous-liquid' => ['clean-dry-empty', 'oil-tool', 'fill', 'sweep-level', 'scrape-out'],
    'thick-dairy-puree' => ['clean-dry-empty', 'fill', 'press-out-air', 'sweep-level', 'leave-in-cup', 'scrape-out'],
    'counted' => ['clean-dry-empty', 'crack-apart', 'check-shell'],
    'whole-irregular' => ['clean-dry-empty', 'scale-ready', 'zero-bowl', 'add-slowly', 'take-out', 'weigh'],
];
/** What a family is measured in, and how it is made level, as the craft's page has it. */
const MEASURED = [
    'thin-liquid' => ['jug'], 'oil' => ['jug'], 'viscous-liquid' => ['cup', 'jug'], 'counted' => ['count'],
    'whole-irregular' => ['scale'],
];
const LEVELLED = ['thin-liquid' => 'eye', 'oil' => 'eye', 'pieces' => 'by-hand'];
const DONE_TO_IT = 'sifted|chopped|packed|melted|softened|toasted|soaked|warmed|chilled'
    .'|(?:tamizad|picad|apretad|derretid|ablandad|tostad|remojad|templad)[oa]s?|frí[oa]s?';
/** What the picture is of, by what its words say. */
const IN_WORDS = [
    'hill above the rim' => 'heaped', 'dips below the rim' => 'hollow', 'pushes down' => 'pressed', 'empty spaces' => 'air-pockets',
    'lumps stick out' => 'lumps', 'look down' => 'eye-above', 'look up' => 'eye-below', 'up in a hand' => 'in-hand',
    'not its lowest point' => 'top-of-curve',
];
const KEYS_IN_WORDS = [
    'switch it on' => 'power', 'change the unit' => 'unit', 'put the bowl on' => 'bowl', 'tare' => 'tare', 'wait' => 'wait',
];
/** What is safe to do, told apart by its words: nothing else in these questions is. */
const SAFE = [
    '/^(Tie my hair back|Wash my hands|Put a clean apron|Taste nothing|Wipe it up|Read the label|Tell the teacher|Take (clean tools|two dry)|Lay it flat|Cut slowly|Wash it by itself|Pour it into a heat-proof|Say "hot behind|Turn the handle|Go to a counter|Wipe spilled|Dry my hands|Turn it off|Bend my knees|Ask somebody|Step back, warn|Throw away|Call the adult|Stand to the side)/',
];
/** `1 3/4` as a float. */
function plain(string $text): float
{
    return array_sum(
        array_map(static fn (string $part): float => str_contains($part, '/')
                ? (float) explode('/', $part)[0] / (float) explode('/', $part)[1]
                : (float) $part, explode(' ', trim($text))),
    );
}
/** @return array{float, string} number and unit of the first amount in a text */
function firstAmount(string $text): array
{
    expect(preg_match('~((?:\d+ )?\d+/\d+|\d+(?:\.\d+)?)[ -](cups?|tbsp|tsp|fl oz|mL|L|pt|qt|gal)\b~', $text, $m))->toBe(1, $text);

    return [plain($m[1]), rtrim($m[2], 's')];
}
/** @return array<string, array<string, string>> the pantry's own file, by name in a sentence */
function foods(): array
{
    static $foods;
    if ($foods === null) {
        $file = fopen(dirname(__DIR__, 3).'/core/data/ingredients.csv', 'r');
        $head = fgetcsv($file, escape: '');
        while (($row = fgetcsv($file, escape: '')) !== false) {
            $row = array_combine($head, $row);
            $foods[$row['id']] = $row;
        }
    }

    return $foods;
}
/** @return array{id: string, family: string} of a food as it stands in a sentence */
function food(string $name): array
{
    static $named;
    $named ??= (static function (): array {
        $named = [];
        foreach (foods() as $id => $row) {
            $named[mb_strtolower(Phrasebook::in('en')->say(Hovik\Core\Words\Phrase::of("ingredient.$id")))] = ['id' => $id, 'family' => $row['family']];
        }

        return $named;
    })();

    return $named[mb_strtolower(trim($name))] ?? throw new LogicException("No food '$name'");
}
/** @return list<string> */
function stepsFor(string $name): array
{
    ['id' => $id, 'family' => $family] = food($name);

    return STEPS[$id] ?? STEPS[$family];
}
/** The line as a language puts it together: its parts in order, a comma before what comes after. */
function lineIn(string $language, array $parts): array
{
    $book = Phrasebook::in($language);
    $said = array_map(static fn (array $part): array => [$part['id'], $book->say($part['said'])], array_column($parts, null, 'part'));
    $line = [];
    foreach (explode(' ', $book->say(Hovik\Core\Words\Phrase::of('practice.wording.order'))) as $part) {
        $line = $part === ',' ? [...$line, [',', ',']] : (isset($said[$part]) ? [...$line, $said[$part]] : $line);
    }

    return $line;
}
/** A scale as anybody knows one; null: nothing to read, or not grams. */
function reads(array $keys, float $bowl, float $food): ?float
{
    [$on, $unit, $load, $zero, $poured, $has] = [false, 0, 0.0, 0.0, false, false];
    foreach ($keys as $key) {
        $before = $load;
        if ($key === 'power') {
            [$on, $unit, $zero] = [! $on, 0, $load];
        } elseif ($key === 'unit' && $on) {
            $unit = ($unit + 1) % 4;
        } elseif ($key === 'bowl' && ! $poured) {
            $has = ! $has;
            $load = $has ? $bowl : 0.0;
        } elseif ($key === 'tare' && $on) {
            $zero = $load;
        } elseif ($key === 'pour' && $has && ! $poured) {
            [$poured, $load] = [true, $load + $food];
        } elseif ($key === 'wait' && $on) {
            [$on, $zero] = [false, 0.0];
        }
    }

    return $on && $unit === 0 && $poured ? round($load - $zero) : null;
}

/** The right answers, found again; null where the question cannot be solved from what it says. */
function solve(Question $question, string $asked): mixed
{
    $ids = static fn (callable $isRight): array => array_values(
        array_map(static fn (Choice $choice): string => $choice->id, array_filter($question->choices, $isRight)),
    );
    $said = static fn (Choice $choice): string => Phrasebook::in('en')->say($choice->said);
    $figure = $question->figure;
    $ml = static function (string $text): float {
        [$number, $unit] = firstAmount($text);

        return $number * ML[$unit];
    };
    $unit = static fn (): string => PLURALS[preg_match(
        '~(?:How many|in) ('.implode('|', array_keys(PLURALS)).')~', $asked, $m,
    ) === 1 ? $m[1] : ''];

    $picture = $question->picture === null ? '' : Phrasebook::in('en')->say($question->picture);

    return match ($question->skill) {
        // By the words of the picture alone.
        Skill::NameTool => $ids(
            static fn (Choice $choice): bool => abs($ml($said($choice)) - $ml($picture)) < 0.01
                && match (true) {
                    str_contains($picture, 'flat rim') => preg_match('/^the [^ ]+[ -]cup measuring cup$/', $said($choice)) === 1,
                    str_contains($picture, 'long handle') => str_ends_with($said($choice), 'spoon'),
                    str_contains($picture, 'spout') => str_ends_with($said($choice), 'liquid measuring cup'),
                    default => str_contains($said($choice), 'metal measure'),
                },
        ),
        Skill::PickCup => $ids(static function (Choice $choice) use ($said, $ml, $asked): bool {
            preg_match('~^(?:it holds|(\d+) of these hold) (.+)~', $said($choice), $m);

            return abs($ml($m[2]) / max(1, (int) $m[1]) - $ml($asked)) < 0.01;
        }),
        Skill::JugColumn => $ids(static fn (Choice $choice): bool => abs($ml($choice->id) - $ml($asked)) < 0.01),
        Skill::SpotMug => $ids(static fn (Choice $choice): bool => ! isset($choice->figure['ml'])),
        Skill::ReadJug => (static function () use ($picture): float {
            preg_match('~the bottom: (.+)\. With .+ at line (\d+)~', $picture, $m);

            return firstAmount(preg_split('~, | and ~', $m[1])[(int) $m[2] - 1])[0];
        })(),
        Skill::LevelsItself => $ids(static function (Choice $choice) use ($asked, $said): bool {
            $isOf = static fn (string $name, string $way): bool => in_array($way, MEASURED[food($name)['family']] ?? ['cup'], true);

            return match (true) {
                str_ends_with($asked, 'which tool suits it?') => $isOf(explode(':', $asked)[0], $choice->id),
                str_starts_with($asked, 'Which of these goes into a liquid measuring cup') => $isOf($said($choice), 'jug'),
                str_starts_with($asked, 'Which of these goes into a dry cup') => $isOf($said($choice), 'cup'),
                str_starts_with($asked, 'Which of these leaves gaps') => $isOf($said($choice), 'scale'),
                default => $choice->id === (str_contains($asked, 'liquid') ? 'more' : 'level'),
            };
        }),
        Skill::SweepLevel => [LEVELLED[food(preg_match('~(?:full of|with) (.+?)\. How~', $asked, $m) === 1 ? $m[1] : '')['family']] ?? 'edge'],
        Skill::CountRings => $ml($asked = substr($asked, strpos($asked, 'is ') ?: 0)) / ($figure['ml'] / $figure['rings']),
        Skill::Equivalents => $ml($asked) / ML[$unit()],
        Skill::ScaleRecipe => firstAmount($asked)[0] * plain(preg_match('~Multiply it by (.+?)\. How~', $asked, $m) === 1 ? $m[1] : ''),
        Skill::Convert => (preg_match('~weighs ([\d.]+) g~', $asked, $m) === 1 ? (float) $m[1] : 0.0) * firstAmount(explode(' g. ', $asked)[1])[0],
        Skill::FindSlip => $ids(static function (Choice $choice) use ($asked, $said): bool {
            $factor = plain(preg_match('~recipe by (.+?)\. One~', $asked, $m) === 1 ? $m[1] : '');
            [, $line] = explode(': ', $said($choice));
            [$before, $after] = explode(' became ', $line);

            return abs(firstAmount($before)[0] * $factor - firstAmount($after)[0]) > 1e-9;
        }),
        Skill::RankWeights => (static function () use ($question): array {
            $order = array_map(static fn (Choice $choice): string => $choice->id, $question->choices);
            usort(
                $order,
                static fn (string $a, string $b): int => (float) foods()[$b]['g_per_us_cup'] <=> (float) foods()[$a]['g_per_us_cup'],
            );

            return $order;
        })(),
        Skill::OrderSteps => stepsFor(preg_match('~steps for (.+) in order~', $asked, $m) === 1 ? $m[1] : ''),
        Skill::SpotStep => array_values(
            array_diff(stepsFor(preg_match('~steps for (.+?)\.~', $asked, $m) === 1 ? $m[1] : ''), $figure['steps']),
        ),
        Skill::ReadWording => (static function () use ($figure): array {
            $found = [];
            foreach (['en', 'es'] as $language) { // each by its own order
                $before = [];
                foreach (lineIn($language, $figure['words']) as [$id, $word]) {
                    if ($id === ',') {
                        break;
                    }
                    if (preg_match('/^(?:'.DONE_TO_IT.')$/u', $word) === 1) {
                        $before[] = $id;
                    }
                }
                $found[] = $before;
            }

            return $found[0] === $found[1] ? $found[0] : throw new LogicException('Two languages, two answers.');
        })(),
        Skill::KeepSafe => $ids(
            static fn (Choice $choice): bool => (preg_match(SAFE[0], $said($choice)) === 1) !== str_contains($asked, 'not safe'),
        ),
        Skill::SpotPicture => array_values(array_filter(
            IN_WORDS, static fn (string $words): bool => str_contains($picture, $words), ARRAY_FILTER_USE_KEY,
        )),
        default => null,
    };
}

/** Makes and solves 2,000 questions of a skill; throws at the first that claims what is not so. */
function solveAgain(Skill $skill): void
{
    $seen = [];
    for ($seed = 0; $seed < SEEDS; $seed++) {
        $question = Quiz::question($skill, $seed, Setting::of($seed % 3 + 1));
        $asked = Phrasebook::in('en')->say($question->prompt);
        $key = $question->expected->key();
        $at = "$skill->value, seed $seed: $asked";
        $seen[$asked.json_encode([
            $question->figure, array_map(fn (Choice $one) => [$one->id, $one->said->toArray()], $question->choices),
        ])] = true;

        foreach ($key as $right) {
            $question->mark($right)->isRight || throw new LogicException("$at: its own key is not right");
        }
        $ids = array_map(fn (Choice $choice): string => $choice->id, $question->choices);
        count($ids) === count(array_unique($ids)) || throw new LogicException("$at: a choice twice");
        if ($question->expected->kind() === 'choice') {
            count($ids) >= 3 || throw new LogicException("$at: nothing to choose from");
            foreach ($question->choices as $choice) {
                $marked = $question->mark($choice->id);
                $marked->isRight === in_array($choice->id, $key, true) && $marked->isRight === ($marked->misconception === null) || throw new LogicException("$at: {$choice->id}");
            }
        }
        $found = solve($question, $asked);
        $agrees = match (true) {
            $found === null => true,
            is_float($found) => $question->mark(rtrim(rtrim(sprintf('%.6F', $found), '0'), '.'))->isRight
                    || abs(plain($key[0]) - $found) < 1e-6,
            $question->expected->kind() === 'choice' => $found == $key
                || array_values(array_intersect($ids, $found)) == array_values(array_intersect($ids, $key)),
            default => in_array($found, $key, true),
        };
        $agrees || throw new LogicException("$at: ".json_encode($key).' but '.json_encode($found));
        if (in_array($skill, [Skill::ChooseTools, Skill::CombineTools], true)) {
            [$number, $unit] = firstAmount($asked);
            $each = [];
            foreach ($question->choices as $one) {
                $words = Phrasebook::in('en')->say($one->said);
                [$size, $of] = firstAmount(str_contains($words, ', to the ') ? explode(', to the ', $words)[1] : $words);
                $each[$one->id] = $size * ML[$of];
            }
            $sum = array_sum(array_map(fn (string $id, int $count) => $count * $each[$id], array_keys($key[0]), $key[0]));
            abs($sum - $number * ML[$unit]) < 1e-6 || throw new LogicException("$at: $sum mL");
            $skill === Skill::ChooseTools || array_sum($key[0]) > 1 || throw new LogicException("$at: one tool holds it");
            $isPoured = in_array($question->about->value, ['thin-liquid', 'oil'], true);
            foreach ($question->choices as $one) {
                $isJug = str_contains(Phrasebook::in('en')->say($one->said), ' liquid measuring cup');
                $isCup = preg_match('/[ -]cup measuring cup$/', Phrasebook::in('en')->say($one->said)) === 1;
                $isWrong = $isJug && ! $isPoured && $question->about->value !== 'viscous-liquid' || $isCup && $isPoured;
                $wanted = $isWrong ? ($isJug ? 'jug-for-dry' : 'cup-for-liquid') : null;
                $found = $question->mark([$one->id => 1])->misconception;
                $wanted === (in_array($found, ['jug-for-dry', 'cup-for-liquid'], true) ? $found : null) || throw new LogicException("$at: $one->id");
            }
        }
        if ($skill === Skill::WorkScale) {
            ['before' => $before, 'bowl_g' => $bowl, 'food_g' => $food] = $question->figure;
            $words = Phrasebook::in('en')->say($question->picture);
            $told = preg_match('~order: (.+)\.~', $words, $m) === 1 ? array_map(
                fn (string $one) => KEYS_IN_WORDS[$one] ?? throw new LogicException("$at: '$one'"), preg_split('~, | and ~', $m[1]),
            ) : [];
            $told === $before || throw new LogicException("$at: its words tell something else");
            reads([...$before, ...$key[0]], $bowl, $food) === $food || throw new LogicException("$at: the key does not weigh");
            foreach ([
                ['pour'], ['bowl', 'pour'], ['power', 'bowl', 'pour'], ['tare', 'bowl', 'pour'], ['unit', 'bowl', 'tare', 'pour'],
            ] as $keys) {
                $question->mark($keys)->isRight === (reads([...$before, ...$keys], $bowl, $food) === $food) || throw new LogicException("$at: ".json_encode($keys));
            }
        }
        if ($seed % 20 === 0) {
            foreach (['en', 'es'] as $language) {
                $book = Phrasebook::in($language);
                $words = [
                    $book->say($question->prompt), $book->say($question->explanation),
                    ...($question->picture === null ? [] : [$book->say($question->picture)]),
                    ...array_map(fn (Choice $one) => $book->say($one->said), $question->choices),
                    ...array_map(
                        fn (Choice $one) => $one->misconception === null
                                ? 'x'
                                : $book->say(Hovik\Core\Words\Phrase::of("miss.$one->misconception")),
                        $question->choices,
                    ),
                ];
                foreach ($words as $text) {
                    $text !== '' || throw new LogicException("$at: without words");
                    // A cook writes halves, thirds, quarters, eighths, sixteenths; never 0.333 nor 7/48.
                    preg_match(
                        '~\d\.\d{3}|\d/(?!2\b|3\b|4\b|6\b|8\b|16\b)\d~', $text
                    ) === 0 || throw new LogicException("$at: unreadable: $text");
                }
            }
        }
    }
    expect(count($seen))->toBeGreaterThan(
        $skill === Skill::SpotPicture || $skill === Skill::CountRings ? 8 : 25, "$skill->value asks too few things",
    );
}
