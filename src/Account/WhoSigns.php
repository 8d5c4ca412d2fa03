<?php

declare(strict_types=1);

namespace App\Account;

use App\Account\Code\SecondFactors;
use App\Account\LogIn\Guesses;
use App\Account\LogIn\Limit;
use App\Account\LogIn\TooManyGuesses;
use App\Account\People\Passwords;
use Symfony\Component\HttpFoundation\Request;

/** Whoever signs proves once more who it is: by the password, and by a code where the shop wants it. */
final readonly class WhoSigns
{
    public const REFUSED = 'Nothing is signed: that is not your password. Who signs proves once more who it is.';
    public const NO_FACTOR = 'Nothing is signed: in this shop a code of a second factor belongs to a signature. Set it up on your own '
        .'page first.';
    public const WRONG_CODE = 'Nothing is signed: that is not the code of this minute. Each is taken once; wait for the next one.';

    private const GUESSES = 10;
    private const MINUTES = 5;

    public function __construct(
        private CurrentPerson $person,
        private Passwords $passwords,
        private SecondFactors $factors,
        private OurShop $shop,
        private Guesses $guesses,
    ) {
    }

    /**
     * By the fields `password` and, where the shop wants it, `code`.
     *
     * @return string|null why nothing is signed; null: it is proved
     */
    public function refusal(Request $request): ?string
    {
        $person = $this->person->get();
        $limit = new Limit('signs|'.$person->id, self::GUESSES, self::MINUTES, true);
        try {
            $this->guesses->mustHaveOneLeft([$limit]);
            if (!$this->passwords->is($person, $request->request->getString('password'))) {
                return self::REFUSED;
            }
            $this->guesses->wasRight([$limit]);

            return match (true) {
                !$this->shop->settings()->codeToSign => null,
                !$this->factors->has($person) => self::NO_FACTOR,
                $this->factors->takes($person, $request->request->getString('code')) => null,
                default => self::WRONG_CODE,
            };
        } catch (TooManyGuesses $enough) {
            return 'Nothing is signed. '.$enough->getMessageKey();
        }
    }
}
