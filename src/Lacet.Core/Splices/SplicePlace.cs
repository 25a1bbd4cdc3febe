namespace Lacet.Core.Splices;

/// <summary>Where a splice is.</summary>
public enum SplicePlace
{
    /// <summary>Indoors, where nothing gets wet.</summary>
    Dry,

    /// <summary>Under a roof, where dew falls.</summary>
    Damp,

    /// <summary>Where it rains or stands in water.</summary>
    Wet,

    /// <summary>In the ground.</summary>
    Buried,
}
