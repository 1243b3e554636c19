<?php

declare(strict_types=1);

use Rigger\App\Kernel;
use Symfony\Component\ErrorHandler\Debug;
use Symfony\Component\HttpFoundation\Request;

require dirname(__DIR__).'/config/bootstrap.php';

$debug = (bool) $_SERVER['APP_DEBUG'];
if ($debug) {
    Debug::enable();
}

$environment = $_SERVER['APP_ENV'] ?? 'prod';
$kernel = new Kernel(is_string($environment) ? $environment : 'prod', $debug);
$request = Request::createFromGlobals();
$response = $kernel->handle($request);
$response->send();
$kernel->terminate($request, $response);
