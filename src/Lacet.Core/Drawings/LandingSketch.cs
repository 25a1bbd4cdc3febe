using Lacet.Core.Checks.End;
using Lacet.Core.Conductors;
using Lacet.Core.Landings;
using Lacet.Core.Recipes;

namespace Lacet.Core.Drawings;

/// <summary>A landing, to scale: alone as a picker shows it, or with a usual end in it.</summary>
public static class LandingSketch
{
    /// <summary>Ends that people have in hand, by what they are put into: the first that goes in is drawn.</summary>
    private static readonly (string Size, Build Build)[] Usual =
    [
        ("2.5 mm²", Build.FineStranded),
        ("1 mm²", Build.Stranded),
        ("6 AWG", Build.Stranded),
        ("16 mm²", Build.FineStranded),
        ("2/0 AWG", Build.Stranded),
        ("18 AWG", Build.FineStranded),
        ("14 AWG", Build.Solid),
    ];

    private static readonly (string Size, Build Build)[] UsualInDevices =
    [
        ("14 AWG", Build.Solid),
        ("12 AWG", Build.Solid),
    ];

    private static readonly (string Size, Build Build)[] UsualInLugs =
    [
        ("6 AWG", Build.Stranded),
        ("2/0 AWG", Build.Stranded),
    ];

    /// <summary>The landing alone.</summary>
    public static Scene Of(Landing landing)
    {
        var sheet = new Sheet();
        LandingPen.Alone(landing, sheet);
        return new Scene(sheet.Parts, [], $"A {landing.SaidAs}");
    }

    /// <summary>The landing with a usual end in it; alone where none of those goes in.</summary>
    public static Scene WithUsualEnd(Landing landing)
    {
        var usual = landing switch
        {
            BindingScrew or BackWireClamp or BackStab => UsualInDevices,
            SetScrewLug or CrimpedLug => UsualInLugs,
            _ => Usual,
        };
        foreach (var (size, build) in usual)
        {
            var plan = new EndPlan(
                Conductor.Of(ConductorSize.Parse(size), build, Material.Copper),
                landing,
                HouseRules.Default
            );
            if (RecipeBook.For(plan.AtHand).Strip is { } strip)
            {
                var sheet = new Sheet();
                LandingPen.Draw(new DrawnEnd(plan, strip.Target.Millimetres, strip, sheet));
                return new Scene(sheet.Parts, [], $"{plan.Conductor.ToString()} in a {landing.SaidAs}");
            }
        }

        return Of(landing);
    }
}
