namespace Lacet.Core.Recipes;

/// <summary>What the hands do in a step.</summary>
public enum Operation
{
    /// <summary>Take the insulation off.</summary>
    Strip,

    /// <summary>Bend, slide on, straighten.</summary>
    Prepare,

    /// <summary>Crimp.</summary>
    Crimp,

    /// <summary>Seat it in its landing.</summary>
    Land,

    /// <summary>Tighten it.</summary>
    Tighten,

    /// <summary>Look, tug, measure.</summary>
    Check,
}
