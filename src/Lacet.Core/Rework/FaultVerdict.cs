namespace Lacet.Core.Rework;

/// <summary>What becomes of an end with a fault, mildest first.</summary>
public enum FaultVerdict
{
    /// <summary>It may stay as it is.</summary>
    Accept,

    /// <summary>It is put right as it is, and no wire is lost.</summary>
    PutRight,

    /// <summary>What is spoiled comes off, and the end is made anew.</summary>
    CutBack,
}
