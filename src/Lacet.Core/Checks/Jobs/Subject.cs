using System.Runtime.InteropServices;
using Lacet.Core.Jobs;

namespace Lacet.Core.Checks.Jobs;

/// <summary>What a finding is about.</summary>
/// <param name="Scope">What kind of thing.</param>
/// <param name="Id">Its id; of the wire, where it is one of its ends; empty for a run.</param>
/// <param name="Side">Which end; A for everything else.</param>
/// <param name="Run">The run's name; null for everything else.</param>
[StructLayout(LayoutKind.Auto)]
public readonly record struct Subject(CheckScope Scope, Guid Id, EndSide Side = EndSide.A, string? Run = null)
{
    /// <summary>A stable key, such as "wire/…" or "end/…/B".</summary>
    public string Key =>
        Scope switch
        {
            CheckScope.Run => $"run/{Run}",
            CheckScope.End => $"end/{Id}/{Side}",
            CheckScope.PinMap => $"pin-map/{Id}",
            _ => $"{Scope.ToString().ToLowerInvariant()}/{Id}",
        };
}
