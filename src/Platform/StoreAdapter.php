<?php

declare(strict_types=1);

namespace App\Platform;

use Aws\S3\S3Client;
use League\Flysystem\AwsS3V3\AwsS3V3Adapter;
use League\Flysystem\FilesystemAdapter;

/**
 * Where files are stored: a folder, or a bucket of an S3-compatible store, `s3://KEY:SECRET@host:9000/bucket/folder?region=…`.
 * Key and secret are written as in any URL (%2F for a slash); `plain=1` talks HTTP instead of HTTPS.
 */
final class StoreAdapter
{
    /** Nobody at the bench waits longer than this for a store that does not answer, seconds. */
    private const CONNECT = 5;
    private const ANSWER = 60;

    public static function of(string $where): FilesystemAdapter
    {
        if (!str_starts_with($where, 's3://')) {
            return new WholeFiles($where);
        }
        $url = parse_url($where);
        parse_str($url['query'] ?? '', $more);
        [$bucket, $folder] = explode('/', trim($url['path'] ?? '', '/'), 2) + ['', ''];
        if (!isset($url['host'], $url['user'], $url['pass']) || '' === $bucket) {
            throw StoreError::noBucket();
        }
        $client = new S3Client([
            'endpoint' => (isset($more['plain']) ? 'http://' : 'https://').$url['host'].(isset($url['port']) ? ':'.$url['port'] : ''),
            'region' => \is_string($more['region'] ?? null) ? $more['region'] : 'local',
            'version' => '2006-03-01',
            'use_path_style_endpoint' => true,
            'credentials' => ['key' => rawurldecode($url['user']), 'secret' => rawurldecode($url['pass'])],
            'http' => ['connect_timeout' => self::CONNECT, 'timeout' => self::ANSWER],
            'retries' => 2,
            // Stores other than the first one know no newer checksums than MD5; what is stored is checked by its SHA-256 anyway.
            'request_checksum_calculation' => 'when_required',
            'response_checksum_validation' => 'when_required',
        ]);

        return new AwsS3V3Adapter($client, $bucket, $folder);
    }
}
