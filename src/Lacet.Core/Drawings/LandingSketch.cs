using Lacet.Core.Landings;

namespace Lacet.Core.Drawings;

/// <summary>A landing alone, to scale: what a picker shows.</summary>
public static class LandingSketch
{
    /// <summary>The sketch.</summary>
    public static Scene Of(Landing landing)
    {
        var sheet = new Sheet();
        LandingPen.Alone(landing, sheet);
        return new Scene(sheet.Parts, [], $"A {landing.SaidAs}");
    }
}
