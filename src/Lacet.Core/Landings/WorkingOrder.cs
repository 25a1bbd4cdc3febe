namespace Lacet.Core.Landings;

/// <summary>In which order several ends alike are made.</summary>
public enum WorkingOrder
{
    /// <summary>Strip all, prepare all, land all.</summary>
    ByOperation,

    /// <summary>Each is finished before the next.</summary>
    FinishEachEnd,
}
