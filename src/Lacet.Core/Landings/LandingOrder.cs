namespace Lacet.Core.Landings;

/// <summary>In which order the conductors of one device land.</summary>
public enum LandingOrder
{
    /// <summary>Earth first, then neutral, then hot; the reverse on disconnecting.</summary>
    EarthNeutralHot,

    /// <summary>As the drawing has it.</summary>
    AsDrawn,
}
