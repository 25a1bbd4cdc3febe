using Lacet.Core.Landings;

namespace Lacet.Core.Drawings;

/// <summary>A landing alone, to scale: what a picker shows.</summary>
public static class LandingSketch
{
    /// <summary>The sketch.</summary>
    public static Scene Of(Landing landing)
    {
        var parts = new List<ScenePart>();
        switch (landing)
        {
            case BindingScrew screw:
                UnderScrew.Alone(screw, parts);
                break;
            case ScrewClampBlock block:
                InClamp.Alone(block, parts);
                break;
        }

        return new Scene(parts, [], $"A {landing.SaidAs}");
    }
}
