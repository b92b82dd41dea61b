<?php

// What foods are called: core/Words/FoodWords.php.

return require __DIR__.'/../data/compiled/food_words_en.php';
