using System.Text.Json.Serialization;
using Lacet.Core.Quantities;
using Lacet.Workshop.DeadChecks;
using Lacet.Workshop.Jobs;

namespace Lacet.Web.Devices;

/// <summary>A tool that is connected now.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What a person calls it.</param>
/// <param name="Scale">The end of its scale.</param>
/// <param name="CalibratedOn">Date of its last calibration.</param>
/// <param name="Simulated">Whether it only stands in for a tool.</param>
public sealed record ToolDocument(string Id, string Name, Readout Scale, DateOnly CalibratedOn, bool Simulated);

/// <summary>The screw that a stand-in is to turn.</summary>
/// <param name="TargetNm">The torque that the landing asks for, N·m.</param>
public sealed record HoldRequest(double TargetNm);

/// <summary>Whether a tool suits a torque.</summary>
/// <param name="Fits">Whether it does.</param>
/// <param name="Says">Why not, in a sentence.</param>
public sealed record FitnessDocument(bool Fits, string? Says);

/// <summary>What an open page is told; <c>type</c> tells which.</summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "type")]
[JsonDerivedType(typeof(ToolsMessage), "tools")]
[JsonDerivedType(typeof(ReadingMessage), "reading")]
[JsonDerivedType(typeof(PeakMessage), "peak")]
[JsonDerivedType(typeof(JobMessage), "job")]
[JsonDerivedType(typeof(DeadMessage), "dead")]
[JsonDerivedType(typeof(SignedOutMessage), "signed-out")]
public abstract record StreamMessage;

/// <summary>The tools that are connected now.</summary>
/// <param name="Tools">All of them.</param>
public sealed record ToolsMessage(IReadOnlyList<ToolDocument> Tools) : StreamMessage;

/// <summary>A live reading.</summary>
/// <param name="ToolId">Which tool.</param>
/// <param name="Turn">Which turn.</param>
/// <param name="Torque">The torque at this moment.</param>
/// <param name="Simulated">Whether a stand-in reads it.</param>
public sealed record ReadingMessage(string ToolId, Guid Turn, Readout Torque, bool Simulated) : StreamMessage;

/// <summary>The peak of a turn, kept and ready to be recorded.</summary>
/// <param name="ReadingId">What a record names.</param>
/// <param name="ToolId">Which tool.</param>
/// <param name="Tool">Its name.</param>
/// <param name="Torque">The peak.</param>
/// <param name="Simulated">Whether a stand-in read it.</param>
public sealed record PeakMessage(Guid ReadingId, string ToolId, string Tool, Readout Torque, bool Simulated)
    : StreamMessage;

/// <summary>A job was changed: whoever shows it reads it anew.</summary>
/// <param name="JobId">Which job.</param>
/// <param name="Sequence">Its last command.</param>
/// <param name="Says">What it did, in a line.</param>
/// <param name="Person">Who, by name.</param>
/// <param name="CommandId">The command, so that whoever sent it knows it again; null where something was
/// recorded.</param>
public sealed record JobMessage(Guid JobId, long Sequence, string Says, string Person, Guid? CommandId = null)
    : StreamMessage
{
    internal static JobMessage Of(JobChanged changed) =>
        new(changed.JobId, changed.Sequence, changed.Says, changed.Person, changed.CommandId);
}

/// <summary>How an enclosure stands: told first of each that something was recorded of, then at each change.</summary>
/// <param name="Told">It.</param>
public sealed record DeadMessage(DeadTold Told) : StreamMessage;

/// <summary>Whoever held this screen is signed out; nothing more is told to it.</summary>
public sealed record SignedOutMessage : StreamMessage;
