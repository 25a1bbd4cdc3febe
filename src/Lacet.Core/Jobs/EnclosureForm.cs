namespace Lacet.Core.Jobs;

/// <summary>Forms of an enclosure.</summary>
public enum EnclosureForm
{
    /// <summary>A panel.</summary>
    Panel,

    /// <summary>A device or junction box.</summary>
    Box,

    /// <summary>A device on a plate.</summary>
    DevicePlate,

    /// <summary>A machine with terminals of its own.</summary>
    Machine,
}
