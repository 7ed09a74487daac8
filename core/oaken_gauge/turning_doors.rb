# frozen_string_literal: true

module OakenGauge
  # The doors to where another method takes over. They are opened as methods of {OakenGauge}.
  #
  # @example
  #   OakenGauge.held(document, %w[rotary/two_at_a_time rotary/eight_at_a_time])["overtakes"].first["say"]
  module TurningDoors
    # @param document [Hash] a turning document: a weigh document with what moves
    # @param view [Boolean] add what methods are called, and where each interval lies
    # @return [Hash] "intervals" with the first method in each, and which it is "now"
    def turning(document, view: false)
      question = read(document, Turning::Question)
      Answers::TurningWriter.new(question.moving, question.task.measure, view: view).write
    end

    # @param document [Hash] a weigh document
    # @param methods [Array<String>] a few of its methods
    # @return [Hash] what is first of these as size, count and priorities move, see {Answers::HeldWriter}
    def held(document, methods)
      task = read_weighing(document)
      Answers::HeldWriter.new(Turning::Held.new(task, methods), task.measure).write
    end

    # @param document [Hash] a weigh document
    # @return [Hash{String => Hash}] the same for each priority, as a screen asks for it
    def turning_by_priorities(document)
      task = read_weighing(document)
      outcomes = Weighing::Weigher.new(task).weighed
      task.priorities.keys.to_h do |name|
        [name.to_s, Answers::TurningWriter.new(Turning::ByPriority.new(task, name, outcomes), task.measure, view: true).write]
      end
    end
  end
end
