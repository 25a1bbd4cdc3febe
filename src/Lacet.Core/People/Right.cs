namespace Lacet.Core.People;

/// <summary>What a person may do here. Everything that stores, or shows what is stored, needs one.</summary>
public enum Right
{
    /// <summary>See jobs, the Log and the Shelf, and take them along as files.</summary>
    Read,

    /// <summary>Record work that was done, and what was found or measured.</summary>
    Record,

    /// <summary>Keep sources off, prove an enclosure dead, and put power back.</summary>
    MakeDead,

    /// <summary>Check what another did.</summary>
    Check,

    /// <summary>Sign for what another did.</summary>
    SignOff,

    /// <summary>Make and change jobs, with their house rules and wire lists.</summary>
    ChangeJobs,

    /// <summary>Change what is kept on the Shelf.</summary>
    ChangeShelf,

    /// <summary>Say who may work here, and as what.</summary>
    ManagePeople,

    /// <summary>Pair tablets and tools, and unpair them.</summary>
    Pair,
}
