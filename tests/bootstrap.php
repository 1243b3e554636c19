<?php

declare(strict_types=1);

require dirname(__DIR__).'/vendor/autoload.php';

if (is_file(dirname(__DIR__).'/.env')) {
    (new Symfony\Component\Dotenv\Dotenv())->usePutenv(false)->bootEnv(dirname(__DIR__).'/.env', 'test');
}

Rigger\App\DataFolder::fromEnvironment(dirname(__DIR__))->fill($_SERVER);
$_ENV = array_intersect_key($_SERVER, ['DATABASE_URL' => 1, 'APP_SECRET' => 1, 'RIGGER_DATA' => 1]) + $_ENV;
