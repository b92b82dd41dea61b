<?php

declare(strict_types=1);

namespace Hovik\Core\Safety;

use Hovik\Core\Words\Phrase;

/**
 * What people do at a safety point: what keeps everybody safe, and what they do instead. Words: `deed.ID`; of an unsafe one also
 * `miss.ID`, why not.
 */
final class Deeds
{
    private const SAFE = [
        'hygiene' => ['tie-hair', 'wash-first', 'apron-sleeves'],
        'raw-flour' => ['bake-first', 'wash-after-dough'],
        'raw-egg' => ['egg-wash-hands', 'egg-wipe-hot'],
        'allergens' => ['read-label', 'tell-teacher-allergy', 'clean-between-foods'],
        'knives' => ['knife-down', 'claw-grip', 'knife-by-itself'],
        'hot-liquids' => ['heat-proof', 'call-hot', 'handle-in'],
        'dust' => ['sift-away-flame', 'wipe-dust-damp'],
        'water-and-scales' => ['dry-hands-scale', 'wipe-scale-damp'],
        'lifting' => ['bend-knees', 'two-lift'],
        'broken-glass' => ['call-adult-glass', 'bin-food-near-glass'],
        'oven' => ['adult-oven', 'dry-gloves', 'stand-aside'],
    ];

    private const UNSAFE = [
        'hygiene' => ['wipe-on-apron', 'rinse-fingertips', 'sleeves-down'],
        'raw-flour' => ['taste-dough', 'flour-is-dry', 'lick-spoon'],
        'raw-egg' => ['lick-whisk', 'shell-finger-mouth', 'rinse-egg-bowl-only'],
        'allergens' => ['pick-nuts-out', 'small-bit-safe', 'same-spoon'],
        'knives' => ['catch-knife', 'knife-in-water', 'point-with-knife'],
        'hot-liquids' => ['cold-glass-hot', 'carry-full-hot', 'wet-cloth-pan'],
        'dust' => ['sift-over-flame', 'blow-flour', 'clap-flour'],
        'water-and-scales' => ['rinse-scale', 'wet-hands-plug', 'jug-over-scale'],
        'lifting' => ['bend-back', 'twist-lift', 'stack-high'],
        'broken-glass' => ['pick-up-glass', 'keep-flour-glass', 'kick-aside-glass'],
        'oven' => ['wet-gloves', 'lean-over-oven', 'run-with-tray'],
    ];

    /** @return non-empty-list<string> */
    public static function safe(SafetyPoint $point): array
    {
        return self::SAFE[$point->value];
    }

    /** @return non-empty-list<string> */
    public static function unsafe(SafetyPoint $point): array
    {
        return self::UNSAFE[$point->value];
    }

    public static function isUnsafe(string $id): bool
    {
        return in_array($id, array_merge(...array_values(self::UNSAFE)), true);
    }

    public static function said(string $deed): Phrase
    {
        return Phrase::of("deed.$deed");
    }
}
