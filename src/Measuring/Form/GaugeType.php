<?php

declare(strict_types=1);

namespace App\Measuring\Form;

use App\Measuring\Gauge;
use App\Measuring\GaugeKind;
use App\Platform\Form\Choices;
use Japhrex\Core\Family\Method;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\DateType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

final class GaugeType extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $builder
            ->add('name', TextType::class, ['label' => 'Gauge', 'help' => 'as the bench calls it, with its number', 'empty_data' => ''])
            ->add('kind', Choices::class, ['class' => GaugeKind::class, 'label' => 'Kind'])
            ->add(
                'rangeFrom',
                TextType::class,
                ['label' => 'Measures from', 'help' => 'with its unit: 25 mm', 'required' => false, 'empty_data' => ''],
            )
            ->add('rangeTo', TextType::class, ['label' => 'Up to', 'help' => '50 mm', 'required' => false, 'empty_data' => ''])
            ->add('resolution', TextType::class, ['label' => 'Smallest step', 'help' => 'with its unit: 0.001 mm', 'empty_data' => ''])
            ->add(
                'expanded',
                TextType::class,
                [
                    'label' => 'Expanded uncertainty U (k = 2)',
                    'help' => 'from its certificate: 0.003 mm',
                    'required' => false,
                    'empty_data' => '',
                ],
            )
            ->add(
                'calibratedOn',
                DateType::class,
                ['label' => 'Calibrated on', 'widget' => 'single_text', 'input' => 'datetime_immutable', 'required' => false],
            )
            ->add(
                'calibrationDue',
                DateType::class,
                ['label' => 'Calibration due', 'widget' => 'single_text', 'input' => 'datetime_immutable', 'required' => false],
            )
            ->add(
                'bench',
                TextType::class,
                [
                    'label' => 'Sends to bench',
                    'help' => 'only for a gauge with a gateway: Bench 2',
                    'required' => false,
                    'empty_data' => '',
                ],
            )
            ->add(
                'method',
                Choices::class,
                ['class' => Method::class, 'label' => 'It gives', 'required' => true, 'empty_data' => Method::Reading->value],
            );
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => Gauge::class, 'three_way' => true]);
    }
}
