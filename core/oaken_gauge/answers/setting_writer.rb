# frozen_string_literal: true

module OakenGauge
  module Answers
    # Writes which line a ruler is set to.
    class SettingWriter
      # @param measure [Symbol]
      def initialize(measure)
        @measure = measure
      end

      # @param setting [Tools::Setting]
      # @return [Hash]
      def write(setting)
        { **which(setting), "reads" => setting.reads.to_s, "off_by" => Length.new(setting.off_by, @measure).to_s, "say" => setting.say }
      end

      # @param setting [Tools::Setting]
      # @return [Hash] only what tells it from another
      def which(setting)
        mark = setting.mark
        printed = mark.is_a?(Numeric) ? Length.new(mark, setting.tool.written_in).printed_for(@measure) : mark
        { "tool" => setting.tool.id, "side" => setting.side&.to_s, "mark" => printed }
      end
    end
  end
end
