<?php

declare(strict_types=1);

use Hovik\Core\Bake\Consequence;
use Hovik\Core\Bake\Fault;
use Hovik\Core\Diagnosis\Cause;
use Hovik\Core\Drawer\ToolKind;
use Hovik\Core\Pantry\Handling;
use Hovik\Core\Pantry\Pantry;
use Hovik\Core\Pantry\Role;
use Hovik\Core\Plan\Advice;
use Hovik\Core\Quantity\Amount;
use Hovik\Core\Quantity\Unit;
use Hovik\Core\Technique\HouseMethod;
use Hovik\Core\Technique\HouseRules;
use Hovik\Core\Technique\Step;
use Hovik\Core\Technique\TechniqueCatalogue;
use Hovik\Core\Weighing\Verdict;
use Hovik\Core\Words\DecimalSign;
use Hovik\Core\Words\Phrase;
use Hovik\Core\Words\Phrasebook;

$patterns = fn (string $language): array => array_merge(
    ...array_map(static fn (string $file): array => require $file, glob(dirname(__DIR__, 2)."/core/Words/$language*.php")),
);

it('knows the decimal sign of the locales it speaks in as Unicode has it', function (string $locale) {
    expect(DecimalSign::of($locale))->toBe(DecimalSign::inUnicode($locale));
})->with(['en', 'en_GB', 'en_DE', 'en_DE_BRITISH', 'es', 'es_US', 'es_MX', 'es-ES', 'en_ZA', 'fr']);

it('says everything in both languages, with the same blanks to fill', function () use ($patterns) {
    [$en, $es] = [$patterns('en'), $patterns('es')];
    expect(array_keys($es))->toEqualCanonicalizing(array_keys($en));
    $blanks = function (string $pattern): array {
        $flat = (string) preg_replace('/\{(\w+), select,(?:[^{}]*\{[^{}]*\})*\s*\}/', '{$1}', $pattern);
        preg_match_all('/\{(\w+)\}/', $flat, $found);
        $names = array_diff(array_unique($found[1]), ['many', 'agrees']); // plurals and agreement are the language's affair
        sort($names);

        return $names;
    };
    foreach ($en as $id => $pattern) {
        expect($blanks($es[$id]))->toBe($blanks($pattern), $id);
    }
});

it('has words for every step, unit, handling, method, tool and ingredient', function () {
    foreach (['en', 'es'] as $language) {
        $book = Phrasebook::in($language);
        foreach (Step::cases() as $step) {
            expect($book->has("step.$step->value") && $book->has("step.$step->value.why"))->toBeTrue("step.$step->value");
            expect($step->helper() === null || $book->has('helper.'.$step->helper()))->toBeTrue();
        }
        foreach (HouseRules::QUESTIONS as $question => $answers) {
            foreach ([
                "school.$question", ...array_map(static fn (string $answer): string => "school.$question.$answer", $answers),
            ] as $id) {
                expect($book->has($id))->toBeTrue($id);
            }
        }
        foreach (['unit' => Unit::cases(), 'handling' => Handling::cases(), 'method' => HouseMethod::cases()] as $group => $cases) {
            foreach ($cases as $case) {
                expect($book->has("$group.$case->value"))->toBeTrue("$group.$case->value");
            }
        }
        foreach (ToolKind::cases() as $kind) {
            expect($kind === ToolKind::Scale || $book->has("tool.$kind->value"))->toBeTrue();
        }
        foreach (Pantry::reference()->ids() as $id) {
            $ingredient = Pantry::reference()->ingredient($id);
            expect($book->has("ingredient.$id"))->toBeTrue($id);
            expect($book->has("source.$ingredient->source"))->toBeTrue($ingredient->source);
        }
    }
    expect(Advice::cases())->toHaveCount(8);
});

it('keeps steps to one action in eight words', function () use ($patterns) {
    foreach (['en', 'es'] as $language) {
        foreach ($patterns($language) as $id => $text) {
            if (preg_match('/^step\.(?!.*\.why(?:\.|$))/', $id) === 1) {
                expect(count(explode(' ', $text)))->toBeLessThanOrEqual(8, "$language $id: $text");
            }
            expect($text)->not->toContain('!');
        }
    }
});

it('speaks each language with its own numbers', function () {
    $phrase = Phrase::of('working.scale', ['step' => 0.1, 'grams' => '3.0', 'low' => '2.9', 'high' => '3.1']);
    expect(Phrasebook::in('en')->say($phrase))->toBe('This scale counts by 0.1 g, so 3.0 g means 2.9 to 3.1 g.');
    expect(Phrasebook::in('es')->say($phrase))->toContain('0,1');
    expect(Phrasebook::in('en')->say(Phrase::of('working.amount', ['amount' => Amount::of('1 3/4', Unit::Cup)])))->toBe('1 3/4 cups');
    expect(Phrasebook::in('es')->say(Phrase::of('working.amount', ['amount' => Amount::of('3/4', Unit::Cup)])))->toBe('3/4 taza');
    expect(Phrasebook::in('de')->say(Phrase::of('allergen.milk')))->toBe('milk');
});

it('can freeze a sentence and say it later', function () {
    $phrase = Phrase::of('caution.allergens', ['allergens' => [Phrase::of('allergen.milk'), Phrase::of('allergen.soy')]]);
    $thawed = Phrase::fromArray(json_decode((string) json_encode($phrase->toArray()), true));
    expect(Phrasebook::in('en')->say($thawed))->toBe('Contains milk and soy.')->and(
        Phrasebook::in('es')->say($thawed),
    )->toBe('Contiene leche y soya.');
});

it('warns of the mistake most worth it, in figures from the pantry', function () {
    $pantry = Pantry::reference();
    $watch = fn (string $id, ?HouseMethod $method, ToolKind $tool) => TechniqueCatalogue::for(
        $pantry->ingredient($id), $method, $tool, $pantry,
    )->watch;
    $say = fn (?Hovik\Core\Technique\Watch $watch) => $watch === null ? null : [
        Phrasebook::in('en')->say($watch->phrase), $watch->leadsTo->value,
    ];
    expect($say($watch('bread-flour', HouseMethod::StirSpoonLevel, ToolKind::DryCup)))->toBe(
        ['Do not dip the cup into the container. Dipping packs it: about 10% heavier.', 'heaped'],
    );
    expect(
        $say($watch('light-brown-sugar', HouseMethod::PackedFirm, ToolKind::DryCup)),
    )->toBe(['Do not leave it loose. Unpressed, it is about 34% lighter.', 'shy']);
    expect($say($watch('whole-milk', null, ToolKind::LiquidMeasure)))->toBe(
        ['Do not read it from above. You would stop too early.', 'shy'],
    );
    expect($watch('egg-large', null, ToolKind::DryCup))->toBeNull();
});

it('can say every technique of every ingredient in both languages', function () {
    $pantry = Pantry::reference();
    foreach ($pantry->ids() as $id) {
        $ingredient = $pantry->ingredient($id);
        foreach ([...HouseMethod::forFamily($ingredient->family), null] as $method) {
            foreach ([ToolKind::DryCup, ToolKind::Spoon, ToolKind::LiquidMeasure, ToolKind::ButterWrapper, null] as $tool) {
                $technique = TechniqueCatalogue::for($ingredient, $method, $tool, $pantry);
                expect($technique->steps)->not->toBe([]);
                foreach (['en', 'es'] as $language) {
                    $said = array_map(
                        Phrasebook::in($language)->say(...),
                        [...$technique->cautions, ...($technique->watch === null ? [] : [$technique->watch->phrase])],
                    );
                    expect(implode(' ', $said))->not->toContain('{');
                }
            }
        }
    }
});

it('has words for every cause, fault and consequence, short enough for a phone', function () {
    foreach (['en', 'es'] as $language) {
        $book = Phrasebook::in($language);
        foreach (Cause::cases() as $cause) {
            expect(mb_strlen($book->say($cause->said())))->toBeLessThanOrEqual(60, $cause->value)
                ->and(strlen($book->say($cause->tell())))->toBeLessThanOrEqual(76, "$language $cause->value")
                ->and(strlen($book->say($cause->next())))->toBeLessThanOrEqual(70, "$language $cause->value");
        }
        foreach (Fault::cases() as $fault) {
            expect($book->say($fault->said()))->not->toBe('');
            foreach ($fault->otherCauses() as $other) {
                expect($book->say($other))->not->toBe('');
            }
        }
        foreach (Role::cases() as $role) {
            expect($book->say(Consequence::of($role, Verdict::Heaped)))->not->toBe($book->say(Consequence::of($role, Verdict::Shy)))
                ->and(Consequence::of($role, Verdict::Level))->toBeNull();
        }
    }
});

it('writes decimals by region: a point in Mexico, a comma in Spain, and says which slipped', function () {
    $said = fn (string $locale): array => [
        Phrasebook::in($locale)->say(Phrase::of('number', ['value' => '-13.7'])), Phrasebook::in($locale)->say(Phrase::of('cause.decimal-slip')),
    ];
    foreach (['es_US', 'es_MX', 'es_PR', 'es_DO', 'es_GT', 'es_HN', 'es_NI', 'es_PA', 'es_SV', 'es_PE'] as $locale) {
        expect($said($locale))->toBe(["\u{2212}13.7", 'Se movió el punto decimal'], $locale);
    }
    foreach (['es', 'es_ES', 'es_AR', 'es_UY', 'es_PY', 'es_CL', 'es_CO', 'es_EC', 'es_BO', 'es_VE', 'es_CR'] as $locale) {
        expect($said($locale))->toBe(["\u{2212}13,7", 'Se movió el punto decimal'], $locale);
    }
    expect($said('en')[0])->toBe("\u{2212}13.7")->and($said('en_US')[0])->toBe("\u{2212}13.7")->and($said('en_DE')[0])->toBe("\u{2212}13,7");
});

it('says of a kitchen\'s own weight where it comes from, and not what books agree on', function () {
    $said = static fn (string $locale, string $source, string $confidence): string => trim(Phrasebook::in($locale)->say(
        Phrase::of('working.source', ['source' => Phrase::of("source.$source"), 'confidence' => $confidence]),
    ));
    expect($said('en', 'own', 'own'))->toBe("Source: one person's own figure.")->and($said('es', 'own', 'own'))->not->toContain('publicados')
        ->and($said('en', 'typical', 'high'))->toContain('Published values agree.')
        ->and(Phrasebook::in('en')->say(Phrase::of('source.own-trials', ['n' => 9])))->toBe('our weighing, n = 9');
});
