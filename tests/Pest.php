<?php

declare(strict_types=1);

use Hovik\Core\Drawer\ToolCatalogue;
use Hovik\Core\Quantity\MeasureStandard;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\SchoolTestCase;

pest()->extend(SchoolTestCase::class)->use(RefreshDatabase::class)->in('Feature');

/**
 * What the core says no to: the field and the sentence, in English.
 *
 * @return array{string, string}|null null when it says yes
 */
function refused(Closure $act): ?array
{
    try {
        $act();
    } catch (Hovik\Core\InvalidInput $refusal) {
        return [$refusal->field, $refusal->getMessage()];
    }

    return null;
}

/** @return array<string, mixed> */
function openapi(): array
{
    return json_decode((string) file_get_contents(dirname(__DIR__).'/docs/openapi.json'), true, 64, JSON_THROW_ON_ERROR);
}

/** @return list<Hovik\Core\Drawer\Tool> each tool by its id, its count and what it truly holds, in shares of its size */
function drawerOf(string|array ...$tools): array
{
    return array_map(static function (string|array $tool): Hovik\Core\Drawer\Tool {
        [$id, $count, $share] = (array) $tool + [1 => 6, 2 => null];
        $made = ToolCatalogue::tool($id, MeasureStandard::UsCustomary);

        return ToolCatalogue::tool($id, MeasureStandard::UsCustomary, $share === null ? null : $share * $made->aboutMl, $count);
    }, array_values($tools));
}

/** @return array<string, string> content by name */
function unzipped(string $zip): array
{
    $path = tempnam(sys_get_temp_dir(), 'zip');
    file_put_contents($path, $zip);
    $read = new ZipArchive;
    $read->open($path);
    $files = [];
    for ($i = 0; $i < $read->numFiles; $i++) {
        $files[$read->getNameIndex($i)] = $read->getFromIndex($i);
    }
    unlink($path);

    return $files;
}
