<?php

declare(strict_types=1);

namespace Hovik\Core\Recipe\Page;

/** What stands on a page around a recipe and is none of it. Plain words, English and Spanish; whole lines only. */
final class Clutter
{
    /** The line begins so and goes on as it likes. */
    private const BEGINNINGS = [
        'jump to', 'skip to', 'go to recipe', 'prep time', 'cook time', 'total time', 'active time', 'rest time', 'resting time',
        'rise time',
        'chill time', 'cooling time', 'bake time', 'additional time', 'course', 'cuisine', 'keyword', 'keywords', 'category', 'author',
        'recipe by', 'written by', 'posted', 'published', 'updated', 'last updated', 'by ', 'photo', 'photography', 'copyright', '©',
        'calories',
        'difficulty', 'rate this', 'rated', 'leave a', 'tag ', 'follow us', 'follow me', 'share this', 'save this', 'pin this',
        'print this',
        'did you make', 'have you tried', 'subscribe', 'sign up', 'join our', 'advertisement', 'sponsored', 'this post',
        'this recipe contains affiliate',
        'as an', 'cook mode', 'keep screen', 'prevent your screen', 'home >', 'home »', 'home /', 'filed under', 'tags:', 'method:',
        'diet:', 'watch ',
        'click ', 'tap ', 'see all', 'view all', 'add all', 'read more', 'more like this', 'you may also', 'you might also', 'related',
        'popular',
        'all rights reserved', 'makes it easy', 'adjust servings', 'us customary',
        'saltar a', 'ir a la receta', 'tiempo', 'preparación:', 'cocción:', 'horneado:', 'reposo', 'dificultad', 'costo', 'categoría',
        'cocina:',
        'autor', 'por ', 'publicado', 'actualizado', 'foto', 'calorías', 'califica', 'valoración', 'deja un', 'síguenos', 'comparte',
        'suscríbete',
        'publicidad', 'anuncio', 'patrocinado', 'modo cocina', 'inicio >', 'inicio »', 'etiquetas', 'ver más', 'leer más', 'también te',
        'temperatura',
        'horno a', 'oven:', 'oven temp', 'derechos reservados', 'imprime', 'guarda esta', 'etiquétanos', 'porciones:', 'personas:',
    ];

    /** The line is this and nothing more. */
    private const WHOLE = [
        'print', 'print recipe', 'pin', 'pin recipe', 'save', 'save recipe', 'share', 'email', 'rate', 'rate recipe', 'review',
        'reviews', 'menu', 'search',
        'close', 'home', 'recipes', 'log in', 'login', 'sign in', 'favorite', 'favourite', 'add to list', 'shopping list', 'video',
        'play video', 'yes', 'no',
        'on', 'off', 'i made it', 'next', 'previous', 'back', 'top', 'comments', 'comment', 'reply', 'like', 'copy', 'copy ingredients',
        'add all', 'select all',
        'deselect all', 'cup measures', 'cups', 'grams', 'us', 'metric', 'scale', 'double', 'units', 'x', 'recipe', 'recipe card',
        'add photo', 'recipe details',
        'imprimir', 'guardar', 'compartir', 'enviar', 'buscar', 'cerrar', 'recetas', 'receta', 'inicio', 'menú', 'entrar', 'comentarios',
        'sí',
        'siguiente', 'anterior', 'copiar', 'video', 'favoritos', 'añadir a la lista', 'agregar a la lista', 'ver video', 'valorar',
    ];

    /** Signs of a page: times and sizes to choose, ratings, dates, shares. */
    private const PATTERNS = [
        '~^(?:(?:[½⅓¼]|\d(?:[./]\d)?)\s*[x×]\s*){1,5}$~iu', // 1x 2x 3x
        '~^[\s★☆⭐✩✭✰*]*$~u',
        '~^[★☆⭐\s]*\d(?:[.,]\d+)?\s*(?:/\s*5|stars?|estrellas?|out of 5|de 5|from \d|de \d|\(\d[\d.,]*\s*(?:\pL+\s*)?\)$)~iu',
        '~^\(?\d[\d.,]*\s*(?:votes?|ratings?|reviews?|comments?|shares?|saves?|votos?|valoraciones|comentarios|opiniones|reseñas)\)?\b~iu',
        '~^\d+\s*(?:min|mins|minutes|hours?|hrs?|minutos|horas?|h)\b(?:\s*\d+\s*(?:min|mins|minutes|minutos))?$~iu',
        '~^\d+\s*(?:k?cal|kilocalories|calories|calorías)\b.*$~iu',
        '~^(?:https?://|www\.)\S+$~i',
        '~^[\w.+-]+@[\w.-]+$~',
        '~^(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*\.? \d{1,2},? \d{4}$~i',
        '~^[\W_]+$~u',
    ];

    /** What follows these is no recipe any more. */
    private const ENDS = '~^\W*(?:nutrition(?: facts| information)?|nutritional information|comments?|reviews?'
        .'|leave a (?:comment|reply|review)'
        .'|related recipes?|you (?:may|might) also like|more recipes?'
        .'|about the author|did you make this(?: recipe)?\??|faqs?|frequently asked questions'
        .'|información nutri(?:cional|mental)|comentarios|recetas relacionadas|también te puede (?:gustar|interesar)'
        .'|más recetas)\W*\d*\W*$~iu';

    /** Of these a direction may not be taken for its page: any other may begin a sentence of it. */
    private const NEVER_DIRECTIONS = '~^\W*(?:cook mode|prevent your screen|advertisement|sponsored|publicidad|anuncio|modo cocina)\b~iu';

    /** @param  bool  $inDirections  sentences stand here: only what can be none is taken out */
    public static function is(string $line, bool $inDirections = false): bool
    {
        $plain = trim(mb_strtolower($line), " \t.:!*#>→·•|");
        if (in_array($plain, self::WHOLE, true)) {
            return true;
        }
        foreach ($inDirections ? [] : self::BEGINNINGS as $beginning) {
            $next = mb_substr($plain, mb_strlen($beginning), 1);
            if (str_starts_with($plain, $beginning) && (str_ends_with($beginning, ' ') || preg_match('~^\pL~u', $next) !== 1)) {
                return true;
            }
        }
        foreach ([self::NEVER_DIRECTIONS, ...self::PATTERNS] as $pattern) {
            if (preg_match($pattern, trim($line)) === 1) {
                return true;
            }
        }

        return false;
    }

    public static function ends(string $line): bool
    {
        return preg_match(self::ENDS, $line) === 1;
    }
}
