namespace Lacet.Exchange.Shelf;

/// <summary>What a tool is for.</summary>
public enum ShelfTool
{
    /// <summary>Reads or limits torque.</summary>
    TorqueDriver,

    /// <summary>Crimps.</summary>
    Crimper,

    /// <summary>Strips.</summary>
    Stripper,
}
