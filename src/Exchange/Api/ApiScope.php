<?php

declare(strict_types=1);

namespace App\Exchange\Api;

/** What a token may read. Nothing can be written with one. */
enum ApiScope: string
{
    case Cases = 'cases';
    case Photos = 'photos';
    case Papers = 'papers';

    public const READ_CASES = 'ROLE_READ_CASES';
    public const READ_PHOTOS = 'ROLE_READ_PHOTOS';
    public const READ_PAPERS = 'ROLE_READ_PAPERS';

    public function role(): string
    {
        return match ($this) {
            self::Cases => self::READ_CASES,
            self::Photos => self::READ_PHOTOS,
            self::Papers => self::READ_PAPERS,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Cases => 'cases: what they say, with their people’s names',
            self::Photos => 'photos as they came, with where they were taken',
            self::Papers => 'reports as PDF',
        };
    }
}
