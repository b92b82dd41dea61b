<?php

declare(strict_types=1);

/** @return array<string, string> every string of a language, by where it stands */
function everythingSaid(string $language): array
{
    $root = dirname(__DIR__, 2);
    $all = [];
    $take = static function (mixed $said, string $place) use (&$all, &$take): void {
        is_array($said) ? array_walk($said, static fn (mixed $one, int|string $key) => $take($one, "$place.$key")) : $all[$place] = (string) $said;
    };
    foreach (glob("$root/resources/js/i18n/$language*.json") as $file) {
        $take(json_decode((string) file_get_contents($file), true, flags: JSON_THROW_ON_ERROR), basename($file));
    }
    foreach ([...glob("$root/core/Words/$language*.php"), ...glob("$root/lang/$language/*.php")] as $file) {
        $take(require $file, basename($file));
    }

    return $all;
}

/** @return array<string, array<string, string>> the word to say, by language and word never said */
function neverSaid(): array
{
    $table = explode('## One word for one thing, on screens', (string) file_get_contents(dirname(__DIR__, 2).'/docs/glossary.md'))[1];
    $never = ['en' => [], 'es' => []];
    preg_match_all('/^\| (?!thing|-)[^|]*\|([^|]*)\|([^|]*)\|([^|]*)\|([^|]*)\|$/mu', $table, $rows, PREG_SET_ORDER);
    foreach ($rows as [, $say, $not, $di, $nunca]) {
        foreach ([['en', $say, $not], ['es', $di, $nunca]] as [$language, $word, $others]) {
            foreach (array_filter(array_map(trim(...), explode(',', $others))) as $other) {
                $never[$language][$other] = trim($word);
            }
        }
    }

    return $never;
}

it('has a word for a thing, and no second one', function (string $language) {
    $never = neverSaid()[$language];
    expect(count($never))->toBeGreaterThan(30);
    $pattern = '/(?<![\p{L}{])('.implode('|', array_map(preg_quote(...), array_keys($never))).')(?![\p{L}])/iu';
    $found = [];
    foreach (everythingSaid($language) as $place => $said) {
        if (! str_ends_with($place, '.also') && preg_match($pattern, $said, $word) === 1) {
            $found[] = "$place says '{$word[1]}', not '{$never[mb_strtolower($word[1])]}': $said";
        }
    }
    expect($found)->toBe([]);
})->with(['en', 'es']);

it('finds a second word when there is one', function () {
    expect(neverSaid()['en']['jug'])->toBe('liquid measuring cup')->and(neverSaid()['es']['balanza'])->toBe('báscula');
});
