namespace Lacet.Core.DeadChecks;

/// <summary>Why nothing needs to be proved dead.</summary>
public enum ProofExemption
{
    /// <summary>A new panel on the bench: nothing feeds it yet.</summary>
    NewPanel,

    /// <summary>It hangs on a cord that is unplugged, with the plug in the sight of whoever works.</summary>
    Unplugged,
}
