<?php

declare(strict_types=1);

namespace App\Intake\Form;

use App\Intake\RunningSince;
use App\Intake\RunningTime;
use App\Platform\Form\Choices;
use Japhrex\Core\Damage\Sureness;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

final class RunningTimeType extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $builder
            ->add('since', Choices::class, ['class' => RunningSince::class, 'label' => 'Counted'])
            ->add('amount', TextType::class, ['label' => 'How long it has run', 'help' => '2600 h, 40000 km, 20 min', 'empty_data' => ''])
            ->add('source', TextType::class, ['label' => 'By whose word', 'help' => 'hour meter, driver, their bill', 'empty_data' => ''])
            ->add('sure', Choices::class, ['class' => Sureness::class, 'label' => 'As sure as']);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => RunningTime::class]);
    }
}
