<?php

declare(strict_types=1);

namespace App\Verdict\Form;

use App\Intake\YesNo;
use App\Platform\Form\Choices;
use App\Verdict\Warranty\WarrantyFacts;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\DateType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

final class WarrantyType extends AbstractType
{
    private const DAYS = [
        'delivered' => 'Delivered',
        'fitted' => 'Fitted, or handed over after our repair',
        'failed' => 'Failed',
        'told' => 'Told to whoever carries the warranty',
    ];
    private const PROOFS = [
        'photosUnaltered' => 'Photos as they were taken', 'hoursProven' => 'Hours or distance proven',
        'oilSample' => 'Sample of the oil kept',
        'partReturned' => 'Failed part returned', 'serviceRecord' => 'Record of its service',
        'fittedByTrained' => 'Fitted by trained people',
    ];

    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        foreach (self::DAYS as $name => $label) {
            $builder->add(
                $name,
                DateType::class,
                [
                    'label' => $label,
                    'required' => false,
                    'widget' => 'single_text',
                    'input' => 'datetime_immutable',
                    'invalid_message' => 'A day, such as 2026-03-01.',
                ],
            );
        }
        foreach (self::PROOFS as $name => $label) {
            $builder->add($name, Choices::class, ['class' => YesNo::class, 'label' => $label]);
        }
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => WarrantyFacts::class, 'three_way' => true]);
    }
}
