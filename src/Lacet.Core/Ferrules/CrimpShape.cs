namespace Lacet.Core.Ferrules;

/// <summary>The shape that a crimper leaves a ferrule's pin in.</summary>
public enum CrimpShape
{
    /// <summary>Four sides.</summary>
    Square,

    /// <summary>A trapezoid, pressed from one side.</summary>
    Trapezoid,

    /// <summary>Six sides.</summary>
    Hexagonal,

    /// <summary>Flats that alternate along the pin: a grip on the wire, and a weak waist between each two.</summary>
    AlternatingFlats,
}
