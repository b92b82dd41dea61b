<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe\Line;

use Hovik\Core\Recipe\Reading;
use Hovik\Core\Recipe\Token;

/** Says what the words of another language mean, the longest saying first: what is several words to say one thing becomes one token. */
final readonly class Translation implements PartReader
{
    /** How far ahead a measure looks for its food. */
    private const AHEAD = 8;

    /** Longest saying, in tokens. */
    private const LONGEST = 5;

    public function __construct(private Sayings $sayings)
    {
    }

    public function read(Reading $r): void
    {
        $said = [];
        for ($at = 0, $count = count($r->tokens); $at < $count;) {
            [$token, $length] = $this->at($r->tokens, $at);
            array_push($said, ...$token);
            $at += $length;
        }
        $r->tokens = $said === [] ? $r->tokens : $said;
    }

    /**
     * @param  list<Token>  $tokens
     * @return array{list<Token>, int} what stands at a position, and how many tokens it takes
     */
    private function at(array $tokens, int $at): array
    {
        for ($length = min(self::LONGEST, count($tokens) - $at); $length > 0; $length--) {
            $these = array_slice($tokens, $at, $length);
            $words = array_map(self::word(...), $these);
            if ($length > 1 && $this->sayings->isName($words)) {
                return [$these, $length];
            }
            $saying = $this->sayings->of($words, array_map(self::word(...), array_slice($tokens, $at + $length, self::AHEAD)));
            if ($saying !== null && $these !== []) {
                $token = Token::joined($these);
                [$token->means, $token->measure] = [$saying->means, $saying->measure];

                return [[$token], $length];
            }
        }

        return [[$tokens[$at]], 1];
    }

    private static function word(Token $token): string
    {
        return $token->isWord() ? $token->word : $token->text;
    }
}
