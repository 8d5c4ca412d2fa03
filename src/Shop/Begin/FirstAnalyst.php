<?php

declare(strict_types=1);

namespace App\Shop\Begin;

use Symfony\Component\Validator\Constraints as Assert;

/** Who begins a shop, as typed. */
final class FirstAnalyst
{
    public function __construct(
        #[Assert\NotBlank(message: 'What are you called? The name stands on what you sign.')]
        #[Assert\Length(max: 80)]
        public string $name = '',
        #[Assert\Regex('/^[a-z0-9][a-z0-9._-]{1,59}$/', message: 'Expected 2 to 60 small letters, digits, dots, dashes, such as m.hale.')]
        public string $username = '',
        public string $password = '',
    ) {
    }
}
