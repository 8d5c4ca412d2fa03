<?php

declare(strict_types=1);

namespace App\Evidence\Form;

use App\Evidence\HowSeen;
use App\Platform\Form\Choices;
use Japhrex\Core\Damage\LookedAs;
use Japhrex\Core\Damage\Moment;
use Japhrex\Core\Damage\Sureness;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\CheckboxType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

final class HowSeenType extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $builder
            ->add('sure', Choices::class, ['class' => Sureness::class, 'label' => 'How sure'])
            ->add('as', Choices::class, ['class' => LookedAs::class, 'label' => 'The part was'])
            ->add('moment', Choices::class, ['class' => Moment::class, 'label' => 'Hurt'])
            ->add('notInPicture', CheckboxType::class, [
                'label' => 'Felt, heard or smelt: no picture shows it', 'required' => false,
            ]);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => HowSeen::class]);
    }
}
