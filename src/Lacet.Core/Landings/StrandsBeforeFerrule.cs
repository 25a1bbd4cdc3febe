namespace Lacet.Core.Landings;

/// <summary>What is done to the strands before a ferrule goes on.</summary>
public enum StrandsBeforeFerrule
{
    /// <summary>Left as they lie.</summary>
    LeaveLay,

    /// <summary>A slight twist, with the lay.</summary>
    SlightTwist,
}
