<?php

declare(strict_types=1);

namespace App\Measuring;

use App\Account\CurrentPerson;
use App\Account\Permission;
use App\Books\BookShelf;
use App\Evidence\PhoneHolder;
use App\Evidence\PhotoMeasure;
use App\Intake\CaseGate;
use App\Measuring\Form\PhoneReadingInput;
use App\Platform\ShopError;
use Symfony\Bundle\FrameworkBundle\Controller\AbstractController;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Attribute\MapRequestPayload;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Security\Http\Attribute\IsCsrfTokenValid;

/** Readings that come from elsewhere than the sheet: a phone at the unit, a measure in a photo. */
final class ElsewhereController extends AbstractController
{
    public function __construct(
        private readonly CaseGate $gate,
        private readonly BookShelf $shelf,
        private readonly TakeReading $take,
        private readonly CurrentPerson $person,
    ) {
    }

    /** Takes what was measured as a reading of the part; one taken with a gauge stays as it is. */
    #[Route('/cases/{number}/measures/{id}/reading', name: 'measure_reading', methods: ['POST'])]
    #[IsCsrfTokenValid('act')]
    public function fromPhoto(string $number, PhotoMeasure $measure, Request $request): Response
    {
        $case = $this->gate->open($number, Permission::BENCH);
        if ($measure->photo->case !== $case) {
            throw $this->createNotFoundException();
        }
        $part = $this->shelf->book($case->family, $case->is())->part($measure->photo->part ?? '');
        [$field, $place] = TakeReading::at($part, (string) $request->request->get('field', ''));
        if ($measure->kind->dimension() !== $field->dimension) {
            throw new ShopError(
                \sprintf('%s is no %s; it was measured in %s.', $field->name, $field->dimension->value, $measure->unit),
                422,
            );
        }
        $this->take->oneMore(
            $case,
            $part->key ?? '',
            $field,
            $place,
            [rtrim(\sprintf('%.3F %s', $measure->value, $measure->unit))],
            $this->person->get(),
            \sprintf(
                'Measured in photo %s, ± %.2F %s.',
                substr($measure->photo->picture->hash, 0, 8),
                2 * $measure->standard,
                $measure->unit,
            ),
        );

        return $this->redirectToRoute('part', ['number' => $case->number, 'part' => $part->key ?? ''], Response::HTTP_SEE_OTHER);
    }

    #[Route('/phone/{token}/reading', name: 'phone_reading', methods: ['POST'])]
    public function fromPhone(
        string $token,
        #[MapRequestPayload] PhoneReadingInput $said,
        #[CurrentUser] PhoneHolder $phone,
    ): Response {
        $pass = $phone->pass;
        $part = $this->shelf->book($pass->case->family, $pass->case->is())->part($said->part);
        [$field, $place] = TakeReading::at($part, $said->field);
        $entry = ReadingEntry::of($field, [$said->typed], '', null, '', reads: $this->person->units());
        $typed = [] === $entry->errors ? $entry->typed : throw new ShopError(implode(' ', $entry->errors), 422);
        if ([] === $typed) {
            throw new ShopError('Type what was read, with its unit.', 422);
        }
        $this->take->oneMore($pass->case, $part->key ?? '', $field, $place, $typed, $phone);

        return $this->redirectToRoute(
            'phone_page',
            ['token' => $token, 'part' => $part->key ?? '', 'said' => 'Reading kept.'],
            Response::HTTP_SEE_OTHER,
        );
    }
}
