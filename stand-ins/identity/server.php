<?php

/**
 * An identity provider (OpenID Connect) that lets in whoever it is told to:
 * FOLDER=/tmp/x php -S 127.0.0.1:PORT stand-ins/identity/server.php.
 *
 * Its key and the codes that it has handed out lie in FOLDER; `claims.json` there says who comes, and may lie about it.
 */

declare(strict_types=1);

use Firebase\JWT\JWT;

require dirname(__DIR__, 2).'/vendor/autoload.php';

$folder = (string) getenv('FOLDER');
$self = 'http://'.$_SERVER['HTTP_HOST'];
if (!is_file($folder.'/key.pem')) {
    openssl_pkey_export(openssl_pkey_new(['private_key_bits' => 2048]) ?: exit(1), $pem);
    file_put_contents($folder.'/key.pem', $pem);
}
$key = openssl_pkey_get_private((string) file_get_contents($folder.'/key.pem')) ?: exit(1);
$plain = static fn (string $bytes): string => rtrim(strtr(base64_encode($bytes), '+/', '-_'), '=');
$json = static function (array $answer): void {
    header('Content-Type: application/json');
    echo json_encode($answer, JSON_THROW_ON_ERROR);
};

switch (parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH)) {
    case '/.well-known/openid-configuration':
        $json([
            'issuer' => $self, 'authorization_endpoint' => "$self/authorize", 'token_endpoint' => "$self/token", 'jwks_uri' => "$self/keys",
        ]);
        break;
    case '/authorize':
        $code = bin2hex(random_bytes(8));
        file_put_contents("$folder/$code.json", json_encode($_GET, JSON_THROW_ON_ERROR));
        header('Location: '.$_GET['redirect_uri'].'?'.http_build_query(['code' => $code, 'state' => $_GET['state']]), true, 302);
        break;
    case '/token':
        $asked = json_decode((string) @file_get_contents($folder.'/'.basename((string) ($_POST['code'] ?? '')).'.json'), true);
        $proof = $plain(hash('sha256', (string) ($_POST['code_verifier'] ?? ''), true));
        if (!is_array($asked) || $proof !== $asked['code_challenge'] || $_POST['redirect_uri'] !== $asked['redirect_uri']) {
            http_response_code(400);
            $json(['error' => 'invalid_grant']);
            break;
        }
        unlink($folder.'/'.basename((string) $_POST['code']).'.json');
        $claims = json_decode((string) file_get_contents($folder.'/claims.json'), true);
        $claims = (is_array($claims) ? $claims : []) + [
            'iss' => $self, 'aud' => $asked['client_id'], 'nonce' => $asked['nonce'], 'iat' => time(), 'exp' => time() + 300,
        ];
        $json(['access_token' => 'x', 'token_type' => 'Bearer', 'id_token' => JWT::encode($claims, $key, 'RS256', 'one')]);
        break;
    case '/keys':
        $rsa = openssl_pkey_get_details($key)['rsa'] ?? [];
        $json(['keys' => [['kty' => 'RSA', 'alg' => 'RS256', 'kid' => 'one', 'n' => $plain($rsa['n']), 'e' => $plain($rsa['e'])]]]);
        break;
    default:
        http_response_code(404);
}
