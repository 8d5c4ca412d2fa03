<?php

declare(strict_types=1);

namespace App\Intake\Form;

use App\Intake\EarlierWork;
use App\Intake\WasDone;
use App\Platform\Form\Choices;
use Symfony\Component\Form\AbstractType;
use Symfony\Component\Form\Extension\Core\Type\TextType;
use Symfony\Component\Form\FormBuilderInterface;
use Symfony\Component\OptionsResolver\OptionsResolver;

final class EarlierWorkType extends AbstractType
{
    public function buildForm(FormBuilderInterface $builder, array $options): void
    {
        $builder
            ->add('what', TextType::class, ['label' => 'Work', 'help' => 'cooler flushed, coupling renewed', 'empty_data' => ''])
            ->add('was', Choices::class, ['class' => WasDone::class, 'label' => 'It was'])
            ->add('source', TextType::class, [
                'label' => 'Known by', 'help' => 'their bill; what lies on the bench', 'required' => false, 'empty_data' => '',
            ]);
    }

    public function configureOptions(OptionsResolver $resolver): void
    {
        $resolver->setDefaults(['data_class' => EarlierWork::class]);
    }
}
