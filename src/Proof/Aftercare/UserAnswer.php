<?php

declare(strict_types=1);

namespace App\Proof\Aftercare;

use App\Account\Audited;
use App\Evidence\Photo;
use App\Intake\CaseFile;
use App\Intake\OfACase;
use App\Platform\Identified;
use App\Proof\Aftercare\Form\UserAnswerInput;
use App\Proof\Aftercare\Repository\UserAnswerRepository;
use Doctrine\ORM\Mapping as ORM;
use Japhrex\Core\Proof\UserSays;

/** What the user of a unit answered to how it runs. Answers are added, never changed. */
#[ORM\Entity(repositoryClass: UserAnswerRepository::class)]
#[ORM\Table(name: 'user_answer')]
#[ORM\Index(columns: ['case_id'])]
class UserAnswer implements Audited
{
    use Identified;
    use OfACase;

    #[ORM\Column(length: 10, enumType: UserSays::class)]
    public readonly UserSays $says;

    #[ORM\Column]
    public readonly bool $leaks;

    #[ORM\Column]
    public readonly bool $noise;

    #[ORM\Column(length: 2000)]
    public readonly string $words;

    /** So long it has run since it went out, hours or km, as they wrote it; empty: not said. */
    #[ORM\Column(length: 60, options: ['default' => ''])]
    public readonly string $ran;

    /** As they wrote it. */
    #[ORM\Column(length: 120)]
    public readonly string $name;

    #[ORM\ManyToOne]
    #[ORM\JoinColumn(onDelete: 'SET NULL')]
    public ?Photo $photo = null;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        public CaseFile $case,
        UserSays $says,
        UserAnswerInput $typed,
        ?Photo $photo,
    ) {
        [$this->says, $this->leaks, $this->noise] = [$says, $typed->leaks, $typed->noise];
        [$this->words, $this->name, $this->photo, $this->ran] = [$typed->words, $typed->name, $photo, $typed->ran];
        $this->identify();
    }

    /** The whole of it in a sentence. */
    public function inWords(): string
    {
        $remarks = array_filter([
            '' === $this->ran ? '' : 'has run '.$this->ran,
            $this->leaks ? 'it leaks' : '',
            $this->noise ? 'it makes a noise' : '',
            $this->words,
        ]);

        return rtrim($this->says->label(), ' …').([] === $remarks ? '' : ': '.implode('; ', $remarks)).'.';
    }

    public function auditName(): string
    {
        return 'How it runs, by its user';
    }
}
