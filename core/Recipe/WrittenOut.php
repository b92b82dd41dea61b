<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe;

/**
 * What a reading came to, as a line: every letter of it in its pieces, and how much of it was understood.
 *
 * @internal to {@see LineReader}
 */
final class WrittenOut
{
    public static function line(Reading $r, string $beyond): ReadLine
    {
        if ($r->heading !== null) {
            return new ReadLine($r->text, ReadLine::HEADING, [new Piece(Part::Note, $r->text)], name: $r->heading);
        }
        if ($r->isNote) {
            return new ReadLine($r->text, ReadLine::NOTE, [new Piece(Part::Note, $r->text)]);
        }
        foreach ($r->tokens as $token) {
            if ($token->text === '' || in_array($token->text, [',', ';', ':', '.', '(', ')'], true) && $token->part === Part::Unread) {
                $token->part = Part::Filler;
            }
        }
        $unread = array_filter($r->tokens, static fn (Token $t): bool => $t->part === Part::Unread) !== [] || $beyond !== '';
        $isKnown = $r->ingredient !== null;
        if ($unread && ($isKnown || $r->amounts !== [])) {
            $onlyTheName = ! $isKnown && $r->unknown !== '';
            if (! $onlyTheName) {
                $r->flag(Flag::Unread);
            }
        }
        $free = $r->has(Flag::ToTaste);
        $status = match (true) {
            ! $isKnown && $r->amounts === [] => ReadLine::UNREAD,
            ! $isKnown, $unread, $r->amounts === [] && ! $free, $r->has(Flag::NoUnit) => ReadLine::PARTLY,
            default => ReadLine::READ,
        };

        return new ReadLine(
            text: $r->text,
            status: $status,
            pieces: self::pieces($r, $beyond),
            amounts: $r->amounts,
            also: $r->also,
            ingredient: $r->ingredient,
            name: $r->ingredient === null ? $r->unknown : self::nameAsWritten($r),
            before: array_values(array_unique($r->before)),
            after: array_values(array_unique($r->after)),
            size: $r->size,
            package: $r->package,
            flags: $r->flags(),
            options: array_values(array_unique($r->options)),
            percent: $r->percent,
            openWord: $r->openWord,
        );
    }

    private static function nameAsWritten(Reading $r): string
    {
        $name = '';
        foreach ($r->tokens as $token) {
            if ($token->part === Part::Ingredient) {
                $name .= $token->space.$token->text;
            }
        }

        return trim($name);
    }

    /** @return list<Piece> neighbours of one kind joined; white space between two kinds is filler */
    private static function pieces(Reading $r, string $beyond): array
    {
        /** @var list<array{Part, string}> $runs */
        $runs = [];
        foreach ($r->tokens as $token) {
            $last = count($runs) - 1;
            if ($last >= 0 && $runs[$last][0] === $token->part) {
                $runs[$last][1] .= $token->space.$token->text;

                continue;
            }
            if ($token->space !== '') {
                $runs[] = [Part::Filler, $token->space];
            }
            if ($token->text !== '') {
                $runs[] = [$token->part, $token->text];
            }
        }
        if ($beyond !== '') {
            $runs[] = [Part::Unread, $beyond];
        }

        return array_map(static fn (array $run): Piece => new Piece(...$run), $runs);
    }
}
